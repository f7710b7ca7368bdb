import { t } from '../../words'
import type { Api } from '../../api/client'

export type Soil = Api['Entry']['soil']
export type Solids = Api['Entry']['solids']

/** Soils as a person says them, the most frequent first. */
export const SOILS: { value: Soil; words: string }[] = [
  { value: 'WET', words: t('gather.soils.wet') },
  { value: 'STOOL', words: t('gather.soils.stool') },
  { value: 'MILK', words: t('gather.soils.milk') },
  { value: 'VOMIT', words: t('gather.soils.vomit') },
  { value: 'BLOOD', words: t('gather.soils.blood') },
  { value: 'FOOD', words: t('gather.soils.food') },
  { value: 'GREASE', words: t('gather.soils.grease') },
  { value: 'WAX', words: t('gather.soils.waxOrPolish') },
  { value: 'OIL', words: t('gather.soils.oilOrSolvent') },
  { value: 'DIRT', words: t('gather.soils.plainDirt') },
]

/** How solids were dealt with. */
export const SOLIDS: { value: Solids; words: string }[] = [
  { value: 'LINER', words: t('gather.soils.wentWithTheLiner') },
  { value: 'SHAKEN', words: t('gather.soils.shakenOff') },
  { value: 'SPRAYED', words: t('gather.soils.sprayedOff') },
  { value: 'NONE', words: t('gather.soils.nothingNeeded') },
  { value: 'STILL_ON', words: t('gather.soils.stillOn') },
]

export function hasSolids(soil: Soil) {
  return soil === 'STOOL' || soil === 'VOMIT'
}
