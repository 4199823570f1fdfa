import { answerJson, methodNotAllowed } from '$lib/server/respond';
import { answerSetup, setupRequest } from '$lib/server/setup';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) => answerJson(request, setupRequest, answerSetup);
export const fallback = () => methodNotAllowed('POST');
