import { t } from '../words'
/** The drawing of something seen, within 4.5 of its centre, and its words. */
export interface Mark {
  path: string
  words: string
}

const MARKS: Partial<Record<string, Mark>> = {
  SMELL_WET: { path: 'M-4 3 L-2 -3.5 L0 2 L2 -3.5 L4 3', words: t('charts.marks.ammoniaSmell') },
  SMELL_DRY: {
    path: 'M-4 -1.8 c1.5 -2 2.5 2 4 0 s2.5 -2 4 0 M-4 2 c1.5 -2 2.5 2 4 0 s2.5 -2 4 0',
    words: t('charts.marks.mustySmell'),
  },
  SUDS: {
    path:
      'M-3.6 1.6 a2 2 0 1 0 4 0 a2 2 0 1 0 -4 0 M1 -1.4 a1.6 1.6 0 1 0 3.2 0 a1.6 1.6 0 1 0 -3.2 0 ' +
      'M-2.6 -3 a1 1 0 1 0 2 0 a1 1 0 1 0 -2 0',
    words: t('charts.marks.suds'),
  },
  JAR: {
    path: 'M-2 -4 h4 M-2.6 -2.4 h5.2 v5.4 a1 1 0 0 1 -1 1 h-3.2 a1 1 0 0 1 -1 -1 z M-2.6 0.6 h5.2',
    words: t('charts.marks.sudsInTheJar'),
  },
  DROP: {
    path: 'M0 -4.2 c2 2.6 3 3.6 3 5.2 a3 3 0 0 1 -6 0 c0 -1.6 1 -2.6 3 -5.2 z',
    words: t('charts.marks.soaksUpSlowly'),
  },
  FEEL: { path: 'M-3 4 v-5 M-1 4 v-7.4 M1 4 v-7.4 M3 4 v-5', words: t('charts.marks.feelsWrong') },
  LEAKS: {
    path: 'M-4 -3.6 h8 M0 -1.4 c1.4 1.8 2 2.6 2 3.6 a2 2 0 0 1 -4 0 c0 -1 0.6 -1.8 2 -3.6 z',
    words: t('charts.marks.leaks'),
  },
  STAINS: {
    path:
      'M-3.6 0.4 c-0.6 -2.4 1 -4 2.8 -3.2 c1.2 -1.4 4 -0.6 3.6 1.6 c1.6 1 1.2 3.6 -0.8 3.6 ' +
      'c-0.8 1.8 -3.6 1.6 -3.8 -0.2 c-1 0.2 -1.6 -0.8 -1.8 -1.8 z',
    words: t('charts.marks.stains'),
  },
  COLOUR: {
    path: 'M0 -3.6 a3.6 3.6 0 1 0 0.01 0 M0 -3.6 v7.2 M1.6 -3 v6 M2.9 -1.8 v3.6',
    words: t('charts.marks.grey'),
  },
  SEAM: {
    path:
      'M-4.2 -1.8 h2 M-1 -1.8 h2 M2.2 -1.8 h2 ' +
      'M0 0.4 c1.1 1.5 1.6 1.9 1.6 2.7 a1.6 1.6 0 0 1 -3.2 0 c0 -0.8 0.5 -1.2 1.6 -2.7 z',
    words: t('charts.marks.dampSeam'),
  },
  SKIN: { path: 'M-2.6 1.8 h0.01 M2.4 2 h0.01 M0 -2.4 h0.01', words: t('charts.marks.soreSkin') },
}
const OTHER: Mark = { path: 'M0 -3.6 v4.4 M0 3.4 h0.01', words: t('charts.marks.somethingElse') }

/** Returns the drawing of a sign and its words. */
export function markOf(sign: string): Mark {
  return MARKS[sign] ?? OTHER
}
