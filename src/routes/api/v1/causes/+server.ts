import { answerCauses, CAUSES_BOUNDS, causesRequest } from '$lib/server/causes';
import { answerJson, methodNotAllowed } from '$lib/server/respond';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) =>
  answerJson(request, causesRequest, answerCauses, CAUSES_BOUNDS);
export const fallback = () => methodNotAllowed('POST');
