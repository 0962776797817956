import type { Family } from './families';

/** Mass fractions of a food as bought, any scale (normalised where used). */
export interface Composition {
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  /** Without fibre. */
  readonly carbohydrate: number;
  readonly fibre: number;
  readonly ash: number;
}

export type Solid = 'slab' | 'cylinder' | 'sphere';

export type FoodGroup =
  | 'poultry'
  | 'meat'
  | 'fish'
  | 'bones'
  | 'pulse'
  | 'grain'
  | 'pasta'
  | 'vegetable'
  | 'leaf'
  | 'liquid'
  | 'dairy'
  | 'fat'
  | 'seasoning';

/** Source of a row's figures. */
export type Mark = 'published' | 'common practice' | 'from memory' | 'assumed';

/** Extract that a kind of bone gives to water (assumed; learned from the log later). */
export interface Extract {
  /** Gelatine in the end, g per kg of bone as bought. */
  readonly gelatineGPerKg: number;
  /** First-order rate at 100 C, 1/h. */
  readonly perHour: number;
  /** Runs in fresh water before it is spent or crumbles. */
  readonly runs: number;
  /** Minutes at 100 C until it falls into splinters; missing for what stays whole. */
  readonly crumbleMin?: number;
}

/** Rule of safety that a food falls under (USDA FSIS, foodsafety.gov, FDA). */
export type SafetyRule = 'poultry' | 'minced' | 'whole-cut' | 'game' | 'fish' | 'egg' | 'lectin';

export type FoamingClass = 0 | 1 | 2 | 3;

/** A food of a kitchen: what no table has, as a food of the table that it is like. */
export interface OwnFood {
  readonly id: string;
  /** This kitchen's name for it. */
  readonly name: string;
  /** Key of the food of the table that it cooks as, or its name. */
  readonly like: string;
  /** Mass of a piece, g; as its like when missing. */
  readonly pieceG?: number;
  /** Mass as cooked over mass as added, as in `Food`; as its like when missing. */
  readonly cooked?: number;
  /** Whether it foams; as its like when missing. */
  readonly foams?: boolean;
  /** In to be spent, unless the batch says otherwise. */
  readonly for?: 'flavour';
  /** Cooked in a pan of its own, unless the batch says otherwise. */
  readonly apart?: boolean;
}

/** One row of the food table, or a food of a kitchen made of one. */
export interface Food {
  readonly key: string;
  readonly name: string;
  /** Key of the food that it cooks as, where it has no times of its own. */
  readonly like?: string;
  /** Other names the add line understands, lower case, singular. */
  readonly aliases: readonly string[];
  readonly group: FoodGroup;
  /** The grades it goes through; null for what is never judged by texture. */
  readonly family: Family | null;
  readonly composition: Composition;
  readonly source: Mark;
  /** Mass of a medium piece, g. */
  readonly pieceG?: number;
  /** Mass of a joint of it, where it is bought whole or cut up, g. */
  readonly jointG?: number;
  /** Mass of a US cup of it as usually measured, g. */
  readonly cupG?: number;
  /** Key of the food that it is out of a can, where that is another. */
  readonly canned?: string;
  /** A usual can: net mass and what is left after draining, g. */
  readonly can?: { readonly netG: number; readonly drainedG: number };
  /** How heat finds its way in when whole, and the usual thickness or diameter in mm; null for what becomes part of the liquid. */
  readonly shape: { readonly kind: Solid; readonly mm: number } | null;
  /** Solid volume over the volume of a heap of it, 0 to 1. */
  readonly packing: number;
  /** Mass as cooked over mass as added: above 1 it drinks, below 1 it gives juice. */
  readonly cooked: number;
  /** Mass left long in plenty of liquid over mass as added, for what goes on drinking once it is done. */
  readonly swollen?: number;
  readonly foaming: FoamingClass;
  readonly scorch: 0 | 1 | 2 | 3;
  readonly saltPercent: number;
  readonly kept: 'fridge' | 'shelf';
  readonly safety?: SafetyRule;
  /** Bones, and meat on the bone: their gelatine. */
  readonly extract?: Extract;
  /** Meat on the bone: the bones left when it is picked, and their share of its weight. */
  readonly picked?: { readonly food: string; readonly share: number };
  /** Fished out before serving (bay leaf, spice bag, bones). */
  readonly fishOut?: boolean;
  /** Basis of a kitchen's own food; missing for a row of the table. */
  readonly own?: OwnFood;
}
