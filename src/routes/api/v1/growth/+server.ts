import { answerGrowth, growthRequest } from '$lib/server/growth';
import { answerJson, methodNotAllowed } from '$lib/server/respond';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) => answerJson(request, growthRequest, answerGrowth);
export const fallback = () => methodNotAllowed('POST');
