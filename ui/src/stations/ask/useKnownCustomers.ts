import { useQuery } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import { RECORD } from '../../api/keys';
import { useSettled } from '../../parts/time';

/** Customers the shop knows by what has been typed so far. */
export function useKnownCustomers(typed: string) {
  const settled = useSettled(typed);
  const query = useQuery({
    queryKey: [RECORD, 'customers', settled],
    queryFn: () => ask(api.GET('/api/customers', { params: { query: { find: settled } } })),
    placeholderData: (before) => before,
  });
  return query.data?.customers ?? [];
}
