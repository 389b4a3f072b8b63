import { sameNamed } from './SameName.tsx';

test('a name is the same whatever its capitals and blanks, and nothing else is', () => {
  const there = [{ name: 'Hole 4', to: '/holes/4' }];
  expect(sameNamed(' hole  4', there)?.to).toBe('/holes/4');
  expect(sameNamed('Hole 40', there)).toBeNull();
});
