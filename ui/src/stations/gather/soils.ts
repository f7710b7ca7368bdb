import type { Api } from '../../api/client'

export type Soil = Api['Entry']['soil']

/** Soils as a person says them, the most frequent first. */
export const SOILS: { value: Soil; words: string }[] = [
  { value: 'WET', words: 'wet' },
  { value: 'STOOL', words: 'stool' },
  { value: 'MILK', words: 'milk' },
  { value: 'VOMIT', words: 'vomit' },
  { value: 'BLOOD', words: 'blood' },
  { value: 'FOOD', words: 'food' },
  { value: 'GREASE', words: 'grease' },
  { value: 'OIL', words: 'oil' },
  { value: 'DIRT', words: 'dirt' },
]
