// The formulas of the models, written a second time and straight from their description, so that the
// figures the Java code is tested against do not come from the Java code. Nothing is shared with it.
// Units as everywhere: kg, L, g, °C, minutes, mmol/L, W, kWh.

export const MATERIALS = {
  // absorbency, spin factor, loose bulk, wet pack, sorption, regain
  COTTON: [1.0, 1.0, 7.5, 0.62, 0.3, 0.085],
  LINEN: [0.9, 0.95, 7.0, 0.65, 0.28, 0.12],
  BAMBOO_VISCOSE: [1.2, 1.45, 7.5, 0.6, 0.35, 0.13],
  HEMP_COTTON: [1.1, 1.15, 7.0, 0.62, 0.32, 0.1],
  MICROFIBRE: [0.9, 0.45, 9.0, 0.6, 0.25, 0.012],
  POLYESTER_FLEECE: [0.4, 0.3, 12.0, 0.75, 0.15, 0.004],
  LAMINATE: [0.15, 0.15, 9.0, 0.85, 0.05, 0.004],
  POLYCOTTON: [0.7, 0.7, 7.5, 0.65, 0.25, 0.045],
  WOOL: [1.0, 0.9, 9.0, 0.7, 0.4, 0.16],
}
const [ABSORBENCY, SPIN, BULK, PACK, SORPTION, REGAIN] = [0, 1, 2, 3, 4, 5]
const sum = (load, column) => load.reduce((s, p) => s + p.massKg * (column === null ? 1 : MATERIALS[p.material][column]), 0)
export const mass = (load) => sum(load, null)
export const fibreWater = (load) => sum(load, SORPTION)
export const mainLitres = (load) => Math.max(7, 4 + 2.2 * sum(load, ABSORBENCY))
export const rinseLitres = (load) => Math.max(6, 4 + 1.4 * sum(load, ABSORBENCY))

export function perKgCotton(rpm, radius) {
  if (rpm === 0) return 2.2
  const g = (((2 * Math.PI * rpm) / 60) ** 2 * radius) / 9.80665
  return Math.min(2.2, Math.max(0.35, 0.6 * (g / 263) ** -0.29))
}
export const retained = (load, rpm, radius, wrung = false) =>
  (wrung && rpm === 0 ? 1.3 : perKgCotton(rpm, radius)) * sum(load, SPIN)

// Dose
export const labelAt = (row, h) =>
  h <= 1 ? row[0] : h <= 2 ? row[0] + (row[1] - row[0]) * (h - 1) : h < 3 ? row[1] + (row[2] - row[1]) * (h - 2) : row[2]
export function dose({ massKg, label, reference, hardness, share = 1, strength = 1, trim = 1, maxG = null }) {
  const s = Math.min(1.8, Math.max(0.3, 0.25 + (0.75 * massKg) / reference))
  const most = maxG ?? 1.5 * Math.max(...label) * s
  return { scale: s, doseG: Math.min(most, labelAt(label, hardness) * s * share * strength * trim) }
}

// Rinse
export function rinse({ load, doseG, mainL, rinseL, rinses, interimRpm, finalRpm, radius }) {
  const K = fibreWater(load)
  const R = retained(load, interimRpm, radius)
  let c = doseG / (mainL + K)
  const all = [c]
  for (let i = 0; i < rinses; i++) {
    c = (c * (R + K)) / (R + K + 0.9 * rinseL)
    all.push(c)
  }
  return { concentrations: all, residue: (1000 * c * (retained(load, finalRpm, radius) + K)) / mass(load) }
}

// Temperature, by small steps of time instead of the closed form
export function bath({ load, waterL, inletC, roomC, setC, minutes, heaterW = 2000, lossWK = 3.5, vessel = 12000 }) {
  const solid = mass(load) * 1350 + vessel
  const C = waterL * 4186 + solid
  let T = (waterL * 4186 * inletC + solid * roomC) / C
  const start = T
  const profile = [[0, T]]
  let peak = T
  let joule = 0
  let toSet = heaterW > 0 && T >= setC ? 0 : null
  const dt = 0.1
  const n = Math.round(minutes * 60 / dt)
  const hotter = T > setC
  let holding = false
  for (let i = 1; i <= n; i++) {
    const loss = lossWK * (T - roomC)
    if (holding) {
      joule += Math.max(0, loss) * dt
    } else if (hotter || heaterW === 0) {
      T -= (loss * dt) / C
      if (heaterW > 0 && T <= setC && setC > roomC) { T = setC; holding = true }
    } else {
      const next = T + ((heaterW - loss) * dt) / C
      if (next >= setC) {
        const part = (setC - T) / (next - T)
        joule += heaterW * dt * part
        T = setC; holding = true; toSet = ((i - 1 + part) * dt) / 60
      } else { T = next; joule += heaterW * dt }
    }
    peak = Math.max(peak, T)
    if (i % 600 === 0) profile.push([(i * dt) / 60, T])
  }
  if (profile[profile.length - 1][0] < minutes) profile.push([minutes, T])
  return { start, peak, end: T, toSet, kwh: joule / 3.6e6, profile }
}

// Cleaning
export const SOILS = {
  // loose, k40, Q, d0, enzymes, hard share, setting
  URINE: [0.9, 0.1, 1.2, 0.6, 1.0, 0.05, 0],
  MILK: [0.4, 0.06, 1.25, 0.3, 1.5, 0.1, 0.01],
  STOOL: [0.5, 0.06, 1.35, 0.3, 1.5, 0.15, 0.004],
  VOMIT: [0.5, 0.06, 1.3, 0.3, 1.4, 0.15, 0.008],
  BLOOD: [0.5, 0.055, 1.15, 0.35, 1.6, 0.15, 0.02],
  FOOD: [0.3, 0.055, 1.35, 0.3, 1.3, 0.2, 0.006],
  GREASE: [0.02, 0.035, 1.6, 0.05, 1.2, 0.3, 0],
  DIRT: [0.3, 0.07, 1.25, 0.3, 1.0, 0.1, 0],
  GERMS: [0.6, 0.06, 1.3, 0.3, 1.0, 0.05, 0],
}
export const MOVEMENT = { SOAK: 0.5, GENTLE: 0.6, NORMAL: 1, INTENSIVE: 1.25, PLUNGED: 6 }
const at = (profile, t) => {
  for (let i = 1; i < profile.length; i++) {
    const [t0, a] = profile[i - 1]
    const [t1, b] = profile[i]
    if (t <= t1) return t1 === t0 ? b : a + ((b - a) * (t - t0)) / (t1 - t0)
  }
  return profile[profile.length - 1][1]
}
const STAINS = ['STOOL', 'FOOD', 'BLOOD', 'MILK']
const age = (h) => (h <= 12 ? 1.2 : h <= 24 ? 1.2 - (0.2 * (h - 12)) / 12 : h <= 72 ? 1 - (0.2 * (h - 24)) / 48 : 0.8)
const fillFactor = (fill, first, byHand) => {
  const f0 = first ? 0.4 : 0.25
  if (byHand) return 1
  if (fill < f0) return Math.max(0.6, 1 - (0.4 * (f0 - fill)) / 0.3)
  return fill > 0.85 ? Math.max(0.25, 1 - (0.75 * (fill - 0.85)) / 0.25) : 1
}
const enzymeFactor = (factor, T) => (T < 15 ? 1 : T <= 60 ? factor : T < 65 ? factor + ((1 - factor) * (T - 60)) / 5 : 1)

export function cleaning({ load, soil, ageHours = 24, hardness, radius = 0.235, baths }) {
  const [l, k, Q, d0, enz, eta, kappa] = SOILS[soil]
  let easy = (1 - l) * (1 - eta)
  let hard = (1 - l) * eta
  let set = 0
  let loose = l
  const each = []
  baths.forEach((b, n) => {
    const c = b.detergentG / b.waterL
    const ce = b.byHand ? c : c === 0 ? 0 : (c * c) / (c + 0.5 * hardness)
    const D = Math.min(1.1, (1.5 * ce) / (ce + 2))
    const A = typeof b.movement === 'number' ? b.movement : MOVEMENT[b.movement]
    const U = fillFactor(b.drumFill, n === 0, b.byHand)
    const from = b.profile[0][0]
    const end = b.profile[b.profile.length - 1][0]
    const steps = Math.max(1, Math.round((end - from) / 0.02))
    const dt = (end - from) / steps
    const rates = (x, T) => {
      const E = b.enzymes && b.detergentG > 0 ? enzymeFactor(enz, T) : 1
      const m = k * Q ** ((Math.min(T, 60) - 40) / 10) * E * A * U * age(ageHours)
      const s = T > 50 ? (kappa * (T - 50)) / 10 : 0
      const a = m * (d0 + (1 - d0) * D) * x[0]
      const h = ((m * D) / 4) * x[1]
      const t = ((m * D) / 20) * x[2]
      return [-a - s * x[0], -h - s * x[1], s * (x[0] + x[1]) - t, a + h + t]
    }
    let x = [easy, hard, set, loose]
    for (let i = 0; i < steps; i++) {
      // the middle of the step, twice: second order
      const T = at(b.profile, from + (i + 0.5) * dt)
      const r = rates(x, T)
      const mid = x.map((v, j) => v + (r[j] * dt) / 2)
      const r2 = rates(mid, T)
      x = x.map((v, j) => v + r2[j] * dt)
    }
    ;[easy, hard, set, loose] = x
    const R = retained(load, b.interimRpm, radius, b.byHand)
    loose *= Math.min(1, R / b.waterL)
    for (let i = 0; i < b.rinses; i++) loose *= R / (R + 0.9 * b.rinseL)
    each.push({ ce, bound: easy + hard + set, set, loose })
  })
  const bound = easy + hard + set
  const left = bound + loose
  return { left, bound, set, loose, stain: STAINS.includes(soil) ? Math.sqrt(bound) : null, lifted: soil === 'GERMS' ? -Math.log10(Math.max(0.003, left)) : null, each }
}

// Germs
export function hygiene({ load, waterL, drumL, profile, oxygenG = 0, activator = false, proteinLeft = 0, liftedLog = 0, additive = null }) {
  const end = profile[profile.length - 1][0]
  const dt = 0.005
  const n = Math.round((end - profile[0][0]) / dt)
  let heat = 0, a0 = 0, oxygen = 0, warm = 0, since30 = null
  let ao = (1000 * oxygenG * 0.13) / waterL
  let longest = { 65: 0, 71: 0 }, run = { 65: 0, 71: 0 }
  for (let i = 0; i < n; i++) {
    const t = profile[0][0] + (i + 0.5) * dt
    const T = at(profile, t)
    heat += dt / (10 * 10 ** ((60 - T) / 10))
    if (T >= 65) a0 += 10 ** ((T - 80) / 10) * dt * 60
    if (T >= 30 && since30 === null) since30 = t
    const F = activator && since30 !== null && t - since30 < 30 ? 3 : 1
    const lambda = (1 / 180) * 2 ** ((T - 40) / 10) + 0.05 * proteinLeft
    const middle = ao * Math.exp((-lambda * dt) / 2)
    oxygen += (1 / 150) * (middle / 100) * 2.2 ** ((T - 40) / 10) * F * dt
    ao *= Math.exp(-lambda * dt)
    if (additive && T >= additive.minC - 1e-9) warm += dt
    for (const limit of [65, 71]) {
      run[limit] = T >= limit ? run[limit] + dt : 0
      longest[limit] = Math.max(longest[limit], run[limit])
    }
  }
  let additiveLog = 0
  if (additive) {
    const density = additive.densityGMl ?? 1
    let grams = additive.doseMl * density
    if (additive.cationic) grams = Math.max(0, grams - (additive.anionicG ?? 0))
    if (grams / density / waterL >= additive.minMlPerL - 1e-9 && warm >= additive.minMinutes - 1e-6) additiveLog = additive.claimLog
  }
  heat = Math.min(6, heat); oxygen = Math.min(4, oxygen)
  const mixing = mass(load) / drumL > 0.056 ? 8 : 4
  return {
    heat, oxygen, additive: additiveLog, a0,
    kill: Math.min(6, heat + oxygen + additiveLog),
    total: Math.min(6, liftedLog + heat + oxygen + additiveLog),
    low: Math.min(5, Math.max(0, liftedLog - 0.3) + 0.5 * heat + 0.5 * oxygen + 0.75 * additiveLog),
    high: Math.min(6, liftedLog + 0.3 + Math.min(6, 2 * heat) + Math.min(4, 1.5 * oxygen) + additiveLog),
    holding: longest[65] >= 10 + mixing - 1e-6 || longest[71] >= 3 + mixing - 1e-6,
  }
}

// Drying
const saturation = (T) => 610.94 * Math.exp((17.625 * T) / (T + 243.04))
const vapour = (T, rh) => ((saturation(T) * rh) / 100) / (461.5 * (T + 273.15))
export function cloth(T, rho, v, G) {
  const hc = 4 + 3 * v
  const hm = hc / (1207 * 0.9)
  // halving the interval, which needs no derivative
  let low = -60, high = 150
  for (let i = 0; i < 200; i++) {
    const mid = (low + high) / 2
    const gain = (hc + 4.7) * (T - mid) + 0.25 * G - 2.45e6 * hm * (vapour(mid, 100) - rho)
    if (gain > 0) low = mid
    else high = mid
  }
  const Ts = (low + high) / 2
  return { Ts, j: Math.max(0, hm * (vapour(Ts, 100) - rho)), feltC: T + (0.25 * G) / (hc + 4.7) }
}
export const dryAt = (material) => MATERIALS[material][REGAIN] * (70 / 65) ** 1.2 + 0.01
export function drying({ material, massKg, areaM2, exposure, startMoisture, pieces = 1, room = null, hours }) {
  const [, f, , , , regain] = MATERIALS[material]
  const critical = Math.min(0.6, Math.max(0.15, 0.15 + (0.12 * ((1000 * massKg) / areaM2)) / 500)) * Math.min(1, f)
  const dry = dryAt(material)
  let x = startMoisture
  if (x <= dry) return { hours: 0 }
  const dt = 1 / 60 / 4
  let rho = room ? vapour(hours[0].temperatureC, hours[0].relativeHumidity) : null
  for (let i = 0; i < 96 * 240; i++) {
    const air = hours[Math.min(hours.length - 1, Math.floor(i / 240))]
    const incoming = vapour(air.temperatureC, air.relativeHumidity)
    const rhoAir = room ? rho : incoming
    const { j, feltC } = cloth(air.temperatureC, rhoAir, air.windMs, air.irradianceWm2)
    const RH = Math.min(100, (100 * rhoAir) / vapour(feltC, 100))
    const Xe = regain * (RH / 65) ** 1.2
    let rate = (j * 2 * areaM2 * exposure) / massKg
    if (x < critical) rate *= critical > Xe ? Math.max(0, Math.min(1, (x - Xe) / (critical - Xe))) : 1
    const gone = rate * dt * 3600
    if (x - gone <= dry) return { hours: (i + (x - dry) / gone) * dt }
    x -= gone
    if (room) {
      const fresh = room.freshAirM3H / 3600
      rho += ((gone * massKg * pieces - fresh * (rho - incoming) * dt * 3600) / room.volumeM3)
      rho = Math.min(rho, vapour(air.temperatureC, 100))
    }
  }
  return { hours: null }
}

// Tumbling
export function tumble({ load, startMoisture, heat, dryer }) {
  const water = load.reduce((s, p) => s + Math.max(0, startMoisture - dryAt(p.material)) * p.massKg, 0)
  const slow = load.filter((p) => ['BAMBOO_VISCOSE', 'HEMP_COTTON'].includes(p.material)).reduce((s, p) => s + p.massKg, 0) / mass(load)
  const rate = { NORMAL: dryer === 'HEAT_PUMP' ? 1.2 : 1.6, LOW: 0.9, NONE: 0.35 }[heat] * (1 - 0.15 * slow)
  const minutes = Math.max(20, (water / rate) * 60 + 14)
  const perKg = { VENTED: 1.0, CONDENSER: 1.05, HEAT_PUMP: 0.42 }[dryer]
  const kwh = heat === 'NONE' ? (0.2 * minutes) / 60 : water * perKg * (heat === 'LOW' ? 1.1 : 1)
  return { waterL: water, minutes, kwh }
}
