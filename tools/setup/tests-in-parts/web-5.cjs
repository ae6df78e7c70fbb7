require('./in-parts.cjs').together('apps/web', 5, 6);
