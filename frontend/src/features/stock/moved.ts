import type { StockMovement } from '../../api/client';

/** Movements of stock, as they are told afterwards. */
export const MOVED: Record<StockMovement['move'], string> = { bought: 'bought', reserved: 'reserved', used: 'used', returned: 'returned' };
