import type { Batch, Pot } from '../batch/schema';
import type { Release } from '../vocabulary';
import type { GradeName, Wish } from '../food';
import type { Danger, DangerLevel } from '../guard';
import type { FindingCode } from './findingCodes';
import type {
  BonesReport,
  FillReport,
  FinishReport,
  ItemReport,
  ReleaseReport,
  RunOffReport,
  Series,
  StepReport,
  Texture,
  WorstMoment,
} from '../model';
import type { NumberName } from './numberNames';

/** `never`: no way on. `stop`: on only with a reason. */
export type Level = Exclude<DangerLevel, 'none'>;

/** A change that answers a finding; done by `applyRemedy`. */
export type Remedy =
  | {
      readonly do: 'set-water';
      readonly litres: number;
      /** Run of bones whose water is meant, from 0; the first where it is missing. */
      readonly run?: number;
      readonly label: string;
    }
  | { readonly do: 'scale'; readonly factor: number; readonly label: string }
  | {
      readonly do: 'set-release';
      readonly step: string;
      readonly release: Release;
      readonly label: string;
    }
  | {
      readonly do: 'set-hold';
      readonly step: string;
      readonly holdMin: number;
      readonly label: string;
    }
  | {
      readonly do: 'set-minutes';
      readonly step: string;
      readonly minutes: number;
      readonly label: string;
    }
  | {
      readonly do: 'put-in-late';
      readonly item: string;
      readonly step: string;
      /** Before the end of the step's hold. */
      readonly minutes: number;
      readonly label: string;
    }
  | { readonly do: 'apart'; readonly item: string; readonly label: string }
  | { readonly do: 'set-cut'; readonly item: string; readonly mm: number; readonly label: string }
  | { readonly do: 'set-wish'; readonly item: string; readonly wish: Wish; readonly label: string }
  | { readonly do: 'keep-warm'; readonly step: string; readonly label: string }
  | { readonly do: 'deglaze'; readonly step: string; readonly ml: number; readonly label: string }
  | { readonly do: 'move-pot'; readonly pot: Pot; readonly label: string }
  | { readonly do: 'take'; readonly batch: Batch; readonly label: string }
  | { readonly do: 'stop-after'; readonly runs: number; readonly label: string }
  | {
      readonly do: 'put-in-after';
      readonly item: string;
      readonly minutes: number;
      readonly label: string;
    };

/** A judgement with its reason. */
export interface Finding {
  readonly code: FindingCode;
  readonly level: Level;
  /** Names the danger in a few words. */
  readonly title: string;
  /** A sentence with numbers in the kitchen's units. */
  readonly message: string;
  /** Source of the judgement. */
  readonly why: string;
  readonly numbers: Readonly<Partial<Record<NumberName, number>>>;
  readonly item?: string;
  readonly step?: string;
  /** Remedies, the smallest change first; not yet tried. */
  readonly remedies: readonly Remedy[];
}

/** Benefits and costs of one way to release the pressure. */
export interface ReleaseOption {
  readonly release: Release;
  readonly minutes: number;
  readonly totalMin: number;
  readonly steamG: number;
  readonly swollenFraction: number;
  /** Chance of liquid at the valve, 0 to 1. */
  readonly sprayChance: number;
  /** Whether that chance is small and no level is above its line. */
  readonly safe: boolean;
  readonly textures: readonly Texture[];
  /** Grades of what does not come out as wished. */
  readonly grades: Readonly<Record<string, GradeName>>;
}

export interface Assessment {
  readonly batch: string;
  readonly pot: string;
  readonly setpointC: number;
  readonly boilC: number;
  readonly fill: FillReport & {
    /** Null where the curves were not wanted, or nothing is cooked. */
    readonly worst: WorstMoment | null;
  };
  readonly time: {
    /** To the table, min; a cooling at the end comes after it. */
    readonly totalMin: number;
    /** To the end of the last step, min. */
    readonly endMin: number;
    readonly steps: readonly StepReport[];
  };
  readonly items: readonly ItemReport[];
  readonly release: readonly ReleaseReport[];
  readonly bones: readonly BonesReport[];
  readonly runOffs: RunOffReport | null;
  readonly salt: { readonly grams: number; readonly percent: number };
  readonly finish: FinishReport;
  readonly findings: readonly Finding[];
  /** Dangers, below a note too; changes are compared by them. */
  readonly dangers: readonly Danger[];
  readonly series: Series;
}
