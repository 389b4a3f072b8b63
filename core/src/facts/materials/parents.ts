import { InputError } from '../../basis/numeric/index.ts';
import type { ParentMaterial } from './ParentMaterial.ts';
import { PARENTS } from './tables/parents.ts';

export { PARENTS };

/** The parent material with this id. Throws `unknown-material`. @example parentById('grey-iron').shearRatio // 1 */
export function parentById(id: string): ParentMaterial {
  const parent = PARENTS.find((row) => row.id === id);
  if (!parent)
    throw new InputError(
      'unknown-material',
      id,
      PARENTS.map((row) => row.id),
    );
  return parent;
}
