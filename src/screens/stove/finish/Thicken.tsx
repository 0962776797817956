import { thickName } from '@/core/vocabulary';
import { useState } from 'react';
import type { Assessment } from '@/core/assess';
import type { Cook, Thickening } from '@/core/batch/schema';
import { thicknessWord, type ThicknessWord, THICKNESSES } from '@/core/finish';
import { formatMass, formatMinutes, formatVolume, type Units } from '@/core/quantity';
import { nextWord, thickenings, type Thickened } from '@/core/serve';
import { changeAfter } from '@/ui/larder';
import { cooksWords } from '@/ui/learned/knownWords';
import { Said } from '@/ui/said';

const NAMES: Readonly<Record<Thickening, string>> = {
  nothing: 'As it stands',
  blend: 'Blend a part',
  slurry: 'Starch slurry',
  roux: 'Flour and butter',
  reduce: 'Boil it down',
};

const STARCH_SPOON_G = 8;

/** Instructions for it, with amounts. */
function doesWords(way: Thickened, units: Units): string {
  const { how, blendL = 0, starchG = 0, waterMl = 0, flourG = 0, minutes } = way;
  switch (how) {
    case 'nothing':
      return 'It goes on thickening as it stands.';
    case 'blend':
      return `${formatVolume(blendL, units)} into the blender, no more than two thirds full, its lid vented and under a cloth; back into the pot.`;
    case 'slurry':
      return `${formatMass(starchG, units)} of cornstarch, about ${Math.max(1, Math.round(starchG / STARCH_SPOON_G))} tablespoons, in ${formatVolume(waterMl / 1000, units)} of cold water; stir in and simmer until it clears.`;
    case 'roux':
      return `${formatMass(flourG, units)} of flour in as much butter, cooked a minute; whisk in and simmer 10 min.`;
    case 'reduce':
      return `Boil ${formatMinutes(minutes)} without a lid, stirring the bottom; ${formatVolume(way.litres, units)} are left.`;
  }
}

/** How thick this kitchen makes such a batch, where it is not past that already. */
function usualOf({ batch, kitchen }: Cook, thicker: readonly ThicknessWord[]) {
  const kind = batch.kind ?? 'soup';
  const learned = kitchen.learned?.thickness?.find((one) => one.kind === kind);
  const word = thicker.find((one) => one === learned?.word);
  return learned && word ? { word, cooks: learned.cooks } : null;
}

/** Choices of thickness, side by side: what each wants and what it ends with. */
export function Thicken({
  cook,
  assessment,
  units,
}: {
  readonly cook: Cook;
  readonly assessment: Assessment;
  readonly units: Units;
}) {
  const { finish, boilC } = assessment;
  const now = thicknessWord(finish.pas.table);
  const thicker = THICKNESSES.slice(THICKNESSES.indexOf(now));
  const usual = usualOf(cook, thicker);
  const [wanted, setWanted] = useState<ThicknessWord>(
    usual?.word ?? nextWord(finish.pas.table) ?? now,
  );
  const ways = thickenings(finish, wanted, boilC);
  const chosen = cook.after?.thickened;
  return (
    <div className="mt-2 space-y-2">
      <label className="flex flex-wrap items-center gap-2 text-body">
        I want it
        <select
          className="field w-auto"
          value={wanted}
          onChange={(event) => setWanted(event.target.value as ThicknessWord)}
        >
          {thicker.map((word) => (
            <option key={word} value={word}>
              {thickName(word)}
            </option>
          ))}
        </select>
        {usual && (
          <span className="text-quiet">as you made it before ({cooksWords(usual.cooks)})</span>
        )}
      </label>
      <ul aria-label="Ways to thicken" className="grid gap-2 sm:grid-cols-2">
        {ways.map((way) => (
          <li
            key={way.how}
            className={`flex flex-col rounded-lg border p-3 text-small ${chosen === way.how ? 'border-2 border-leaf' : 'border-hairline'}`}
          >
            <b className="font-semibold">
              {NAMES[way.how]}: {thickName(way.word)}
            </b>
            <span className="mt-0.5 flex-1">
              <Said>{doesWords(way, units)}</Said>
            </span>
            <span className="mt-1 text-quiet">
              {way.minutes >= 1 && `${formatMinutes(way.minutes)} more, `}
              {way.saltPercent.toFixed(1)} % salt
              {way.how === 'blend' && '. Hot liquid bursts a shut lid.'}
            </span>
            <button
              type="button"
              aria-pressed={chosen === way.how}
              className="mt-1 min-h-11 self-start text-cobalt underline underline-offset-4"
              onClick={() =>
                changeAfter(cook.id, (after) => ({
                  ...after,
                  thickened: way.how,
                  thickness: way.word,
                }))
              }
            >
              {chosen === way.how ? 'Done so' : 'I do that'}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
