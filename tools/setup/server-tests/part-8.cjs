require('./together.cjs')(8, 8);
