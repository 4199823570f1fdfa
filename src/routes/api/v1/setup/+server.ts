import { answerJson, methodNotAllowed } from '$lib/server/respond';
import { SETUP_BOUNDS, setupRequest } from '$lib/server/setup-request';
import { answerSetup } from '$lib/server/setup';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) =>
  answerJson(request, setupRequest, answerSetup, SETUP_BOUNDS);
export const fallback = () => methodNotAllowed('POST');
