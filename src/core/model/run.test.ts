import { KITCHEN, POT, REFERENCE } from '../testing/kitchen';
import { drawUnknowns, seeded, toDraw } from '../unknown';
import { runModel } from './run';

const UNKNOWNS = drawUnknowns(POT, toDraw(REFERENCE, KITCHEN), seeded(2));

describe('a state of the world', () => {
  const model = runModel(REFERENCE, POT, KITCHEN, { unknowns: UNKNOWNS, stepS: 30 });
  const plain = runModel(REFERENCE, POT, KITCHEN, { stepS: 30 });

  it('gives an ingredient one mass, bought and put in alike', () => {
    model.plan.items.forEach((item, i) => {
      const given = plain.plan.items[i];
      const factor = UNKNOWNS.fill * (UNKNOWNS.items[item.id]?.mass ?? 1);
      expect(item.massG / (given?.massG ?? 1)).toBeCloseTo(factor, 9);
      expect(item.boughtG / (given?.boughtG ?? 1)).toBeCloseTo(factor, 9);
    });
  });

  it('moves the pot, the room and the setting together', () => {
    expect(model.vessel.heater.powerW / plain.vessel.heater.powerW).toBeCloseTo(UNKNOWNS.power, 9);
    expect(model.vessel.lid.valve.areaM2 / plain.vessel.lid.valve.areaM2).toBeCloseTo(
      UNKNOWNS.valve,
      9,
    );
    expect(model.air.ambientC - plain.air.ambientC).toBeCloseTo(UNKNOWNS.roomC, 9);
    const most = (m: typeof model): number => Math.max(...m.heat.trace.gaugeKPa);
    expect(most(model) - most(plain)).toBeCloseTo(UNKNOWNS.setpointKPa, 0);
  });

  it('is the kitchen as given where nothing is drawn', () => {
    const none = {
      ...UNKNOWNS,
      fill: 1,
      waterStartC: 0,
      roomC: 0,
      power: 1,
      efficiency: 1,
      loss: 1,
      seal: 1,
      lagS: 0,
      setpointKPa: 0,
      valve: 1,
      items: {},
    };
    const same = runModel(REFERENCE, POT, KITCHEN, { unknowns: none, stepS: 30 });
    expect(same.heat.trace.liquidC).toEqual(plain.heat.trace.liquidC);
  });
});
