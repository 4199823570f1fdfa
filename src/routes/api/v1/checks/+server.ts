import { FAMILIES } from '$lib/core/instruments';
import { answerChecks, familyNamed } from '$lib/server/checks';
import { answer, methodNotAllowed, refuse } from '$lib/server/respond';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ url }) => {
  const family = familyNamed(url.searchParams.get('family'));
  if (family) return answer(await answerChecks(family));
  return refuse(400, 'The request is not right.', [
    { path: 'family', message: `must be one of ${FAMILIES.join(', ')}` }
  ]);
};
export const fallback = () => methodNotAllowed('GET');
