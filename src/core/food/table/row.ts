import type { Family } from '../families';
import type { Food, FoodGroup, Solid } from '../types';

type Parts = readonly [
  water: number,
  protein: number,
  fat: number,
  carbohydrate: number,
  fibre: number,
  ash: number,
];

/** The family of most of a group; a row that differs says so. */
const FAMILY: Readonly<Record<FoodGroup, Family | null>> = {
  poultry: 'tough',
  meat: 'tough',
  fish: 'fish',
  bones: null,
  pulse: 'pulse',
  grain: 'grain',
  pasta: 'pasta',
  vegetable: 'vegetable',
  leaf: 'green',
  liquid: null,
  dairy: null,
  fat: null,
  seasoning: null,
};

/** Fields that a row may leave to its group's habit. */
type Options = Partial<Omit<Food, 'key' | 'name' | 'group' | 'composition' | 'shape'>> & {
  readonly shape?: readonly [Solid, number] | null;
};

/** Makes a group's row maker: the group's habits, and each row's own figures over them. */
export function rows(group: FoodGroup, habit: Options = {}) {
  return (key: string, name: string, parts: Parts, own: Options = {}): Food => {
    const { shape, ...rest } = {
      aliases: [],
      family: FAMILY[group],
      source: 'from memory' as const,
      packing: 0.6,
      cooked: 1,
      foaming: 0 as const,
      scorch: 0 as const,
      saltPercent: 0,
      kept: 'fridge' as const,
      ...habit,
      ...own,
    };
    const [water, protein, fat, carbohydrate, fibre, ash] = parts;
    return {
      key,
      name,
      group,
      composition: { water, protein, fat, carbohydrate, fibre, ash },
      shape: shape ? { kind: shape[0], mm: shape[1] } : null,
      ...rest,
    };
  };
}
