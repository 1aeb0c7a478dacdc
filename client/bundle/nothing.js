/** Never reached. */
export {};
