import assert from 'node:assert/strict';
import test from 'node:test';

test('while the spine is exchanged there are no rows, and looking at the margin does no harm', async () => {
  globalThis.document = { getElementById: () => null, querySelector: () => null, addEventListener: () => {} };
  globalThis.window = { addEventListener: () => {} };
  const { rows } = await import('../../main/resources/scripts/plans/class/selection.js');
  const { look } = await import('../../main/resources/scripts/plans/class/overview.js');
  assert.deepEqual(rows(), []);
  assert.equal(look(), undefined);
});
