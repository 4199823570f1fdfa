import { answerAssign } from '$lib/server/assign';
import { ASSIGN_BOUNDS, assignRequest } from '$lib/server/assign-request';
import { answerJson, methodNotAllowed } from '$lib/server/respond';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ request }) =>
  answerJson(request, assignRequest, answerAssign, ASSIGN_BOUNDS);
export const fallback = () => methodNotAllowed('POST');
