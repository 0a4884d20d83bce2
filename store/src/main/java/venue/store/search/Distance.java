package venue.store.search;

/** How far two words are from each other: how many letters are another, missing, too many, or changed places with the next one. */
final class Distance {

    private Distance() {}

    /** @param most what is farther is as far as this */
    static int of(String one, String other, int most) {
        if (Math.abs(one.length() - other.length()) >= most) {
            return most;
        }
        int[] before = new int[other.length() + 1];
        int[] row = new int[other.length() + 1];
        int[] next = new int[other.length() + 1];
        for (int j = 0; j <= other.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= one.length(); i++) {
            next[0] = i;
            int least = i;
            for (int j = 1; j <= other.length(); j++) {
                int same = one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1;
                next[j] = Math.min(Math.min(next[j - 1], row[j]) + 1, row[j - 1] + same);
                if (i > 1
                        && j > 1
                        && one.charAt(i - 1) == other.charAt(j - 2)
                        && one.charAt(i - 2) == other.charAt(j - 1)) {
                    next[j] = Math.min(next[j], before[j - 2] + 1);
                }
                least = Math.min(least, next[j]);
            }
            if (least >= most) {
                return most;
            }
            int[] oldest = before;
            before = row;
            row = next;
            next = oldest;
        }
        return Math.min(most, row[other.length()]);
    }
}
