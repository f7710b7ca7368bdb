import type { Api } from '../../api/client'

export type Soil = Api['Entry']['soil']
export type Solids = Api['Entry']['solids']

/** Soils as a person says them, the most frequent first. */
export const SOILS: { value: Soil; words: string }[] = [
  { value: 'WET', words: 'wet' },
  { value: 'STOOL', words: 'stool' },
  { value: 'MILK', words: 'milk' },
  { value: 'VOMIT', words: 'vomit' },
  { value: 'BLOOD', words: 'blood' },
  { value: 'FOOD', words: 'food' },
  { value: 'GREASE', words: 'grease' },
  { value: 'WAX', words: 'wax or polish' },
  { value: 'OIL', words: 'oil or solvent' },
  { value: 'DIRT', words: 'plain dirt' },
]

/** How solids were dealt with. */
export const SOLIDS: { value: Solids; words: string }[] = [
  { value: 'LINER', words: 'went with the liner' },
  { value: 'SHAKEN', words: 'shaken off' },
  { value: 'SPRAYED', words: 'sprayed off' },
  { value: 'NONE', words: 'nothing needed' },
  { value: 'STILL_ON', words: 'still on' },
]

export function hasSolids(soil: Soil) {
  return soil === 'STOOL' || soil === 'VOMIT'
}
