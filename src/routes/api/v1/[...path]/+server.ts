import { refuse } from '$lib/server/respond';

export const fallback = () => refuse(404, 'There is no such route. GET /api/v1/openapi.json lists them.');
