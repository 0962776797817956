'use client';

import { jarPlaceOf } from '@/core/vocabulary';
import Link from 'next/link';
import { lightFormat } from 'date-fns';
import { useState } from 'react';
import { isEmptied, leftInJar } from '@/core/batch/household';
import type { Jar } from '@/core/batch/schema';
import { dueOf, firstToUse, keepsOf, type Keeps } from '@/core/keep';
import { formatVolume, type Units } from '@/core/quantity';
import {
  labelAt,
  LABEL_SHEET_KEYS,
  LABEL_SHEETS,
  type LabelSheet,
  type LabelSheetKey,
} from '@/formats/labels';
import { Button, buttonLook } from '@/ui/Button';
import { Choice } from '@/ui/forms/Field';
import { useHousehold } from '@/ui/household';
import { contentWords } from './larderWords';

const day = (ms: number): string => lightFormat(ms, 'd.M.yyyy');

/** Jars that are ticked at first, those to use first; and as many are listed until more are asked for. */
const TICKED = 120;

/** Room inside a label's edge, mm. */
const EDGE_MM = 2.5;

function Label({
  jar,
  keeps,
  units,
  sheet,
  place,
}: {
  readonly jar: Jar;
  readonly keeps: Keeps;
  readonly units: Units;
  readonly sheet: LabelSheet;
  readonly place: number;
}) {
  const { leftMm, topMm } = labelAt(sheet, place);
  const [width, height] = sheet.labelMm;
  const small = height < 30;
  return (
    <div
      data-testid="label"
      className="absolute flex flex-col justify-center overflow-hidden text-black outline-1 outline-hairline print:outline-0"
      style={{
        left: `${leftMm}mm`,
        top: `${topMm}mm`,
        width: `${width}mm`,
        height: `${height}mm`,
        padding: `${EDGE_MM}mm ${2 * EDGE_MM}mm`,
        fontSize: small ? '2.9mm' : '3.4mm',
        lineHeight: 1.25,
      }}
    >
      <b
        className="line-clamp-2 font-semibold"
        style={{ fontSize: small ? '3.6mm' : '4.6mm', lineHeight: 1.1 }}
      >
        {jar.name}
      </b>
      <span>
        made {day(Date.parse(jar.madeAt))}, use by{' '}
        <b className="font-semibold">{day(dueOf(jar, keeps))}</b>
      </span>
      <span>{contentWords(jar, units)}</span>
      <span>{jarPlaceOf(jar.where).label}; not canned</span>
    </div>
  );
}

/** Jars to be ticked, the first of them; the others once they are asked for. */
function WhichJars({
  jars,
  isChosen,
  onTurn,
  units,
}: {
  readonly jars: readonly Jar[];
  readonly isChosen: (jar: Jar, place: number) => boolean;
  readonly onTurn: (id: string) => void;
  readonly units: Units;
}) {
  const [listed, setListed] = useState(TICKED);
  return (
    <fieldset>
      <legend className="text-small font-medium">For</legend>
      {jars.length === 0 && <p className="text-quiet">Nothing is on the shelves.</p>}
      <ul className="max-h-72 overflow-y-auto">
        {jars.slice(0, listed).map((jar, i) => (
          <li key={jar.id}>
            <label className="flex min-h-11 items-center gap-2 text-body">
              <input
                type="checkbox"
                className="size-5 accent-leaf"
                checked={isChosen(jar, i)}
                onChange={() => onTurn(jar.id)}
              />
              {jar.name}, {formatVolume(leftInJar(jar), units)}
            </label>
          </li>
        ))}
      </ul>
      {jars.length > listed && (
        <Button look="quiet" onClick={() => setListed(jars.length)}>
          Show all {jars.length}
        </Button>
      )}
    </fieldset>
  );
}

/** Labels for the jars on the shelves, laid out on common label sheets. */
export function LabelsScreen() {
  const { jars, kitchen } = useHousehold();
  const { units, larder } = kitchen;
  const keeps = keepsOf(larder);
  const [key, setKey] = useState<LabelSheetKey>(units === 'us' ? 'letter-30' : 'a4-24');
  const [skip, setSkip] = useState(0);
  // Jars that are ticked or not otherwise than at first.
  const [turned, setTurned] = useState<ReadonlySet<string>>(new Set());
  const sheet: LabelSheet = LABEL_SHEETS[key];
  // Label sheets sold in the kitchen's country.
  const sheets = LABEL_SHEET_KEYS.filter(
    (one) => units === 'metric' || LABEL_SHEETS[one].page === 'Letter',
  );
  const there = firstToUse(
    jars.filter((jar) => !isEmptied(jar)),
    keeps,
  );
  const isChosen = (jar: Jar, i: number): boolean => i < TICKED !== turned.has(jar.id);
  const chosen = there.filter(isChosen);
  const turn = (id: string): void =>
    setTurned((before) =>
      before.has(id) ? new Set([...before].filter((one) => one !== id)) : new Set([...before, id]),
    );
  const each = sheet.across * sheet.down;
  const pages = Math.max(1, Math.ceil((skip + chosen.length) / each));
  const [wide, high] = sheet.pageMm;
  return (
    <main className="mx-auto w-full max-w-6xl px-4 py-6 sm:px-6 print:m-0 print:max-w-none print:p-0">
      <style>{`@page { size: ${sheet.page}; margin: 0 } @media print { html, body { background: white } }`}</style>
      <div className="grid gap-6 lg:grid-cols-[300px_minmax(0,1fr)] print:block">
        <div className="space-y-4 print:hidden">
          <h1 className="figure text-4xl">Labels</h1>
          <Choice
            id="label-sheet"
            label="Sheet"
            value={key}
            onChange={(event) => setKey(event.target.value as LabelSheetKey)}
          >
            {sheets.map((one) => (
              <option key={one} value={one}>
                {LABEL_SHEETS[one].name}
              </option>
            ))}
          </Choice>
          <Choice
            id="label-skip"
            label="First free label"
            hint="Where some of the sheet is used already"
            value={skip}
            onChange={(event) => setSkip(Number(event.target.value))}
          >
            {Array.from({ length: each }, (_, i) => (
              <option key={i} value={i}>
                {i + 1}
              </option>
            ))}
          </Choice>
          <WhichJars jars={there} isChosen={isChosen} onTurn={turn} units={units} />
          <p className="flex gap-3">
            <Link href="/larder" className={buttonLook('quiet')}>
              Back
            </Link>
            <Button look="copper" disabled={chosen.length === 0} onClick={() => print()}>
              Print
            </Button>
          </p>
          <p className="text-fine text-quiet">
            Print at 100 %, without margins. {pages > 1 && `${pages} sheets.`}
          </p>
        </div>
        <div className="min-w-0 overflow-x-auto print:overflow-visible" aria-label="The sheets">
          {Array.from({ length: pages }, (_, page) => (
            <div
              key={page}
              data-testid="sheet"
              className="relative mb-4 break-after-page overflow-hidden bg-white shadow-sm last:break-after-auto print:mb-0 print:shadow-none"
              style={{ width: `${wide}mm`, height: `${high - 0.2}mm` }}
            >
              {chosen
                .slice(Math.max(0, page * each - skip), (page + 1) * each - skip)
                .map((jar, i) => (
                  <Label
                    key={jar.id}
                    jar={jar}
                    keeps={keeps}
                    units={units}
                    sheet={sheet}
                    place={i + (page === 0 ? skip : 0)}
                  />
                ))}
            </div>
          ))}
        </div>
      </div>
    </main>
  );
}
