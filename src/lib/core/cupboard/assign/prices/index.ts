export { planByPrices, type Priced } from './by-prices';
