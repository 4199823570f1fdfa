import { answerJson, methodNotAllowed } from '$lib/server/respond';
import { TAPE_BOUNDS, answerTape, tapeRequest } from '$lib/server/tape';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) =>
  answerJson(request, tapeRequest, answerTape, TAPE_BOUNDS);
export const fallback = () => methodNotAllowed('POST');
