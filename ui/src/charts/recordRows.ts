import type { Api } from '../api/client'
import { t } from '../words'
import { bare, number, percent, unitSign } from '../use/format'

type Round = Api['StoryRound']

/** What may explain a round, each as a line of its own. */
export interface RecordRow {
  name: string
  color: string
  value: (r: Round) => number | null | undefined
  text: (v: number) => string
}

const whole = (v: number) => number(v, 0)

export function recordRows(): RecordRow[] {
  const rows: RecordRow[] = [
    {
      name: t('charts.recordPicture.soaksInS'),
      value: (r) => r.dropSeconds,
      color: 'water',
      text: whole,
    },
    {
      name: t('charts.recordPicture.residueMgKg'),
      value: (r) => r.figures.estimate.residueMgKg,
      color: 'plum',
      text: whole,
    },
    {
      name: t('charts.recordPicture.soilLeft'),
      value: (r) => r.figures.estimate.soilLeft,
      color: 'good',
      text: percent,
    },
    {
      name: t('charts.recordPicture.doseOfLabel'),
      value: (r) => r.figures.dose.share,
      color: 'sun',
      text: percent,
    },
    {
      name: t('charts.recordPicture.rinses'),
      value: (r) => r.figures.bath.rinses,
      color: 'water',
      text: whole,
    },
    {
      name: t('charts.recordPicture.drum'),
      value: (r) => r.figures.bath.fill,
      color: 'ink',
      text: percent,
    },
    {
      name: `${t('charts.recordPicture.hardness')}, ${unitSign('mmol-per-l')}`,
      value: (r) => r.figures.bath.hardnessMmolL,
      color: 'ink',
      text: (v) => bare(v, 'mmol-per-l', 1),
    },
  ]
  // A reset is no wash: it has none of these.
  return rows.map((row) => ({ ...row, value: (r) => (r.school === 'reset' ? null : row.value(r)) }))
}
