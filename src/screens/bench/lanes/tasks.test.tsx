/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { assess } from '@/core/assess';
import type { Task } from '@/core/batch/schema';
import { KITCHEN, POT, REFERENCE } from '@/core/testing/kitchen';
import { TaskEditor } from '../sheets/TaskEditor';
import { TaskLanes } from './TaskLanes';

const user = userEvent.setup();
const RICE: Task = { id: 't1', words: 'rice apart', minutes: 18 };
const BONES: Task = { id: 't2', words: 'bones in the oven', minutes: 40, ovenC: 220, ready: 'lid' };

test('a lane tells when it begins, and opens its editor', async () => {
  const batch = { ...REFERENCE, alongside: [RICE, BONES] };
  const onTask = jest.fn();
  const assessment = assess(batch, POT, KITCHEN);
  render(<TaskLanes batch={batch} assessment={assessment} units="us" onTask={onTask} />);
  expect(screen.getByTestId('task-t1').textContent).toBe('rice apart18 min, ready at the table');
  // It is ready where the first lid goes on, which may be after a prelude in the open pot.
  expect(screen.getByTestId('task-t2').textContent).toMatch(
    /^bones in the ovenbegins \d+ min before the pot, 40 min at 428 °F, ready at lid on$/,
  );
  await user.click(screen.getByRole('button', { name: 'Change bones in the oven' }));
  expect(onTask).toHaveBeenCalledWith('t2');
});

function editor(task: Task, lids = 2) {
  const onSave = jest.fn();
  const onRemove = jest.fn();
  render(
    <TaskEditor
      task={task}
      lids={lids}
      units="metric"
      onSave={onSave}
      onRemove={onRemove}
      onClose={jest.fn()}
    />,
  );
  return { onSave, onRemove, line: screen.getByLabelText('What, and how long') };
}

test('the line is typed again, the anchor chosen', async () => {
  const { onSave, line } = editor(BONES);
  expect((line as HTMLInputElement).value).toBe('bones in the oven, 40 min at 220 °C');
  await user.clear(line);
  await user.type(line, 'knuckles in the oven, 55 min at 210 C');
  await user.selectOptions(screen.getByLabelText('Ready'), 'at the second opening');
  await user.click(screen.getByLabelText('it needs hands all the time'));
  await user.click(screen.getByRole('button', { name: 'Keep' }));
  expect(onSave).toHaveBeenCalledWith({
    id: 't2',
    words: 'knuckles in the oven',
    minutes: 55,
    ovenC: 210,
    attended: true,
    ready: 'opening',
    nth: 2,
  });
});

test('a line without minutes is refused in words, and nothing is lost', async () => {
  const { onSave, onRemove, line } = editor(RICE);
  await user.clear(line);
  await user.type(line, 'rice');
  await user.click(screen.getByRole('button', { name: 'Keep' }));
  expect(onSave).not.toHaveBeenCalled();
  expect(screen.getByRole('alert').textContent).toContain(
    'its minutes, such as rice apart, 18 min',
  );
  expect((line as HTMLInputElement).value).toBe('rice');
  await user.click(screen.getByRole('button', { name: 'Leave it out' }));
  expect(onRemove).toHaveBeenCalled();
});
