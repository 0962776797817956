import { PIECES } from '../src/core/testing/checks/pieces';
import { holds } from '../src/core/testing/checks/check';
for (const c of await PIECES.checks()) console.log(holds(c)?'ok ':'XX ', c.what, JSON.stringify(c.wanted), c.ours.toFixed(2));
