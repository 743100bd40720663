import { changeCost, isRuledOut } from './change-cost';

test('floors are dearest, cabinets can be painted, a high ceiling needs a scaffold', () => {
  expect(changeCost('floor', 2.5).cost).toBe('dear');
  expect(changeCost('cabinets', 2.5)).toEqual({ cost: 'moderate', how: 'painted, they change cheaply' });
  expect([changeCost('ceiling', 2.4).cost, changeCost('ceiling', 3.4).cost]).toEqual(['cheap', 'moderate']);
});

test('what the brief says must not change is ruled out by its name or by what it is', () => {
  expect(isRuledOut('The floor and grandmother’s sofa', ['Oak floor', 'Floor'])).toBe(true);
  expect(isRuledOut('The floor and grandmother’s sofa', ['Hearth stone', 'Hearth'])).toBe(false);
  expect(isRuledOut('', ['Oak floor'])).toBe(false);
});
