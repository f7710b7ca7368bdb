import type { Api } from '../../api/client'

/** The address of each sort of thing that can be removed. */
export const ADDRESSES = {
  PERSON: 'people',
  KIND: 'kinds',
  PRODUCT: 'products',
  MACHINE: 'machines',
  DRYER: 'dryers',
  PLACE: 'places',
} as const satisfies Record<Api['RemovalRemoved']['thing'], string>
