'use client';

import { useId, useState } from 'react';
import { idOfName, likeName, likeWords } from '@/core/batch/plan';
import { readLike } from '@/core/batch/reading';
import type { OwnFood } from '@/core/food';
import { plantIn } from '@/core/guard';
import type { Units } from '@/core/quantity';
import { Field } from '@/ui/forms/Field';
import { KeepFoot } from '@/ui/forms/KeepFoot';
import { Sheet } from '@/ui/Sheet';
import { Said } from '@/ui/said';

/** Facts about a food besides its likeness. */
const MORE = ['swells', 'gives juice', 'foams', 'does not foam', 'for flavour', 'apart'];
const LONGEST = 200;

/** One of my foods: its name, and what it is like in one sentence. */
export function FoodForm({
  food,
  foods,
  units,
  onSave,
  onClose,
}: {
  /** Null for a new one. */
  readonly food: OwnFood | null;
  readonly foods: readonly OwnFood[];
  readonly units: Units;
  readonly onSave: (food: OwnFood) => void;
  readonly onClose: () => void;
}) {
  const id = useId();
  const before = food ? likeWords(food, units) : '';
  const [name, setName] = useState(food?.name ?? '');
  const [sentence, setSentence] = useState(before);
  const [asked, setAsked] = useState(false);
  const read = readLike(sentence);
  const taken = foods.some((f) => f.id === idOfName(name) && f.id !== food?.id);
  const plant = plantIn(name);
  const nameError =
    plant?.level === 'never'
      ? `another food. ${plant.title}: ${plant.message}`
      : name.trim() === '' || name.length > LONGEST
        ? `a name, 1 to ${LONGEST} characters`
        : taken
          ? `another name: there is a ${name.trim()} already`
          : undefined;
  const likeError = !sentence.trim()
    ? 'a known food that it cooks like'
    : read.unsure.length > 0
      ? `what is known: ${read.unsure.join('; ')}`
      : undefined;
  const save = (): void => {
    setAsked(true);
    if (nameError || likeError || !read.own) return;
    // An unchanged sentence keeps its figures to the last digit.
    const same = food && sentence === before ? food : null;
    onSave({ ...(same ?? read.own), id: food?.id ?? idOfName(name), name: name.trim() });
    onClose();
  };
  return (
    <Sheet open onClose={onClose} title={food?.name ?? 'One of my foods'}>
      <form
        className="space-y-4"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          save();
        }}
      >
        <Field
          id={`${id}-name`}
          label="Name"
          value={name}
          onChange={(event) => setName(event.target.value)}
          error={asked ? nameError : undefined}
        />
        <div>
          <Field
            id={`${id}-like`}
            label="It cooks"
            value={sentence}
            placeholder={
              units === 'metric' ? 'like potato, 60 g a piece' : 'like potato, 2 oz a piece'
            }
            hint={
              read.own
                ? `Softens and gives to broth like ${likeName({ id, name, ...read.own })}; safety is judged by its name and by that food, whichever is stricter`
                : 'First what it is like; then, where it differs, what a piece weighs and what it does'
            }
            onChange={(event) => setSentence(event.target.value)}
            error={asked ? likeError : undefined}
          />
          <p className="mt-2 flex flex-wrap gap-2">
            {MORE.map((words) => (
              <button
                key={words}
                type="button"
                className="min-h-9 rounded-full border border-hairline px-3 text-fine hover:border-copper"
                onClick={() => setSentence((s) => `${s.trim().replace(/,$/, '')}, ${words}`)}
              >
                + <Said>{words}</Said>
              </button>
            ))}
          </p>
        </div>
        <KeepFoot onClose={onClose} />
      </form>
    </Sheet>
  );
}
