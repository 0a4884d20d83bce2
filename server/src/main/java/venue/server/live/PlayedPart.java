package venue.server.live;

/** From the first byte to the last, both included. */
record PlayedPart(long first, long last) {}
