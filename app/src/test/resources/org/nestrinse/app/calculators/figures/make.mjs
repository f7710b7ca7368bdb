// Writes figures.json: 200 questions to the calculators with their answers, worked out by models.mjs.
// Run it with "node make.mjs" when a formula changes, and read the difference before you keep it.
import { writeFileSync } from 'node:fs'
import * as m from './models.mjs'

let state = 20
const random = () => {
  state = (state * 1103515245 + 12345) % 2147483648
  return state / 2147483648
}
const between = (low, high, digits = 2) => Number((low + (high - low) * random()).toFixed(digits))
const one = (list) => list[Math.floor(random() * list.length)]
const names = Object.keys(m.MATERIALS)
const load = (most = 4) => {
  const n = 1 + Math.floor(random() * 3)
  return Array.from({ length: n }, () => ({ material: one(names), massKg: between(0.2, most / n) }))
}
const points = (profile) => profile.map(([minute, temperatureC]) => ({ minute, temperatureC }))
const rows = []
const row = (calculator, question, answer, percent = 1) => rows.push({ calculator, percent, question, answer })

const profile = (minutes) => {
  const kind = random()
  if (kind < 0.4) {
    const c = between(12, 75, 1)
    return [[0, c], [minutes, c]]
  }
  const start = between(10, 25, 1)
  const top = between(30, 75, 1)
  const up = between(minutes * 0.2, minutes * 0.6, 1)
  return [[0, start], [up, top], [minutes, kind < 0.7 ? top : between(20, top, 1)]]
}

for (let i = 0; i < 46; i++) {
  const textile = load(5)
  const byHand = random() < 0.15
  const baths = Array.from({ length: 1 + Math.floor(random() * 3) }, () => ({
    waterL: between(10, 22, 1),
    profile: profile(between(8, 130, 0)),
    movement: byHand ? 'PLUNGED' : one(['SOAK', 'GENTLE', 'NORMAL', 'NORMAL', 'INTENSIVE']),
    drumFill: between(0.05, 1.1),
    byHand,
    detergentG: random() < 0.25 ? 0 : between(5, 120, 1),
    enzymes: random() < 0.5,
    rinses: Math.floor(random() * 5),
    rinseL: between(7, 16, 1),
    interimRpm: byHand ? 0 : one([400, 600, 800, 1000]),
  }))
  const q = { load: textile, soil: one(Object.keys(m.SOILS)), ageHours: between(1, 90, 0), hardness: between(0, 4), radius: 0.235, baths }
  const a = m.cleaning(q)
  row(
    'cleaning',
    {
      load: textile, soil: q.soil, ageHours: q.ageHours, hardnessMmolL: q.hardness, drumRadiusM: q.radius,
      baths: baths.map((b) => ({ ...b, profile: points(b.profile) })),
    },
    { soilLeft: a.left, boundLeft: a.bound, setLeft: a.set, looseLeft: a.loose, stainLeft: a.stain, liftedLog: a.lifted },
  )
}
for (let i = 0; i < 30; i++) {
  const textile = load(4).filter((p) => p.material !== 'WOOL')
  if (textile.length === 0) textile.push({ material: 'COTTON', massKg: 2 })
  const additive = random() < 0.4
    ? { doseMl: between(20, 90, 0), claimLog: between(2, 5, 1), minMlPerL: between(1, 4, 1), minMinutes: between(5, 25, 0), minC: between(10, 40, 0), cationic: random() < 0.5, densityGMl: between(0.9, 1.1), anionicG: between(0, 20, 1) }
    : undefined
  const q = {
    load: textile, waterL: between(10, 20, 1), drumL: 54, profile: profile(between(10, 90, 0)),
    oxygenG: random() < 0.6 ? between(5, 40, 0) : 0, activator: random() < 0.5,
    proteinLeft: random() < 0.5 ? between(0, 0.6) : 0, liftedLog: between(0, 2.5), additive,
  }
  const a = m.hygiene(q)
  row('hygiene', { ...q, profile: points(q.profile) }, {
    heatLog: a.heat, oxygenLog: a.oxygen, additiveLog: a.additive, killLog: a.kill, totalLog: a.total, lowLog: a.low, highLog: a.high, a0: a.a0,
  })
}
for (let i = 0; i < 34; i++) {
  const indoors = random() < 0.5
  const material = one(names)
  const massKg = between(0.03, 0.5, 3)
  const q = {
    material, massKg, areaM2: Number((massKg / between(0.15, 1, 3)).toFixed(3)),
    exposure: one([0.15, 0.18, 0.25, 0.35]), startMoisture: between(0.2, 1.3),
    hours: Array.from({ length: 1 + Math.floor(random() * 4) }, () => ({
      temperatureC: between(indoors ? 17 : 5, 28, 1), relativeHumidity: between(35, indoors ? 62 : 72, 0),
      windMs: indoors ? one([0.1, 1]) : between(0.3, 4, 1), irradianceWm2: indoors ? 0 : between(0, 350, 0),
    })),
    ...(indoors && random() < 0.7
      ? { pieces: Math.ceil(random() * 30), room: { volumeM3: between(1.5, 60, 1), freshAirM3H: between(8, 60, 1) } }
      : {}),
  }
  row('drying', q, { hoursToDry: m.drying(q).hours }, 3)
}
for (let i = 0; i < 24; i++) {
  const q = {
    load: load(5), doseG: between(10, 120, 0), mainL: between(8, 20, 1), rinseL: between(6, 16, 1), rinses: Math.floor(random() * 6),
    interimRpm: one([400, 600, 800]), finalRpm: one([600, 1000, 1400]), drumRadiusM: 0.24,
  }
  const a = m.rinse({ ...q, radius: q.drumRadiusM })
  row('rinse', q, { residueMgKg: a.residue, lastConcentration: a.concentrations[a.concentrations.length - 1] })
}
for (let i = 0; i < 24; i++) {
  const soft = between(20, 60, 0)
  const medium = soft + between(5, 30, 0)
  const hard = medium + between(5, 30, 0)
  const q = {
    load: [{ material: 'COTTON', massKg: between(0.3, 9) }], labelSoftG: soft, labelMediumG: medium, labelHardG: hard,
    referenceMassKg: between(3, 6, 1), hardnessMmolL: between(0, 4.5), phaseShare: one([1, 0.5]), strength: one([0.6, 1, 1.2]), trim: between(0.6, 1.4, 1),
    ...(random() < 0.3 ? { maxG: between(30, 120, 0) } : {}),
  }
  const a = m.dose({
    massKg: q.load[0].massKg, label: [soft, medium, hard], reference: q.referenceMassKg, hardness: q.hardnessMmolL,
    share: q.phaseShare, strength: q.strength, trim: q.trim, maxG: q.maxG ?? null,
  })
  row('dose', q, { doseG: a.doseG, massScale: a.scale })
}
for (let i = 0; i < 24; i++) {
  const q = {
    load: load(6), waterL: between(8, 25, 1), inletC: between(5, 55, 1), roomC: between(15, 25, 1), setC: between(20, 90, 0),
    minutes: between(15, 150, 0), heaterW: one([2000, 1800, 2200, 0]), lossWK: one([3.5, 6]),
  }
  const a = m.bath(q)
  row('bath-temperature', q, { startC: a.start, peakC: a.peak, endC: a.end, heaterKwh: a.kwh })
}
for (let i = 0; i < 18; i++) {
  const q = {
    load: load(5), startMoisture: between(0.3, 1), heat: one(['NORMAL', 'LOW', 'NONE']), dryer: one(['VENTED', 'CONDENSER', 'HEAT_PUMP']),
  }
  row('tumble', q, m.tumble(q))
}
writeFileSync(new URL('figures.json', import.meta.url), '[\n' + rows.map((r) => JSON.stringify(r)).join(',\n') + '\n]\n')
console.log(rows.length + ' rows')
