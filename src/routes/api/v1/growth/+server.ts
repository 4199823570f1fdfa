import { answerGrowth, GROWTH_BOUNDS, growthRequest } from '$lib/server/growth';
import { answerJson, methodNotAllowed } from '$lib/server/respond';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) =>
  answerJson(request, growthRequest, answerGrowth, GROWTH_BOUNDS);
export const fallback = () => methodNotAllowed('POST');
