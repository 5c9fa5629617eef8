package nabe.larder;

/** How many slips of the pen (letter added, left out, changed, or two swapped) lie between two words. */
public final class Slips {
    private Slips() {}

    /** @return the optimal string alignment distance, or more than {@code limit} when it is over that */
    public static int between(String a, String b, int limit) {
        if (Math.abs(a.length() - b.length()) > limit) {
            return limit + 1;
        }
        int[][] d = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            for (int j = 0; j <= b.length(); j++) {
                d[i][j] = i == 0 ? j : j == 0 ? i : cheapest(a, b, d, i, j);
            }
        }
        return d[a.length()][b.length()];
    }

    private static int cheapest(String a, String b, int[][] d, int i, int j) {
        boolean same = a.charAt(i - 1) == b.charAt(j - 1);
        int best = Math.min(Math.min(d[i - 1][j], d[i][j - 1]) + 1, d[i - 1][j - 1] + (same ? 0 : 1));
        boolean swapped = i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1);
        return swapped ? Math.min(best, d[i - 2][j - 2] + 1) : best;
    }
}
