package glowkettle.open;

/**
 * Which of some operations can be done right before another of them: its hand serves them, all that must still come before
 * them must come before it, too, and all that waits for them is it or waits for it.
 */
final class Companions {
    /** Operations whose hand serves this one as well. */
    private final long[] serves;
    /** {@code [one][other]}: what must be done before the one can go along with the other. */
    private final long[][] bars;
    /** What bars an operation from going along with any other. */
    private final long[] barsAll;

    Companions(long[] before, long[] after, long[] serves) {
        this.serves = serves;
        int n = serves.length;
        bars = new long[n][n];
        barsAll = new long[n];
        for (int i = 0; i < n; i++) {
            barsAll[i] = -1L;
            for (long rest = serves[i]; rest != 0; rest &= rest - 1) {
                int other = Long.numberOfTrailingZeros(rest);
                bars[i][other] = before[i] & ~before[other] | after[i] & ~(after[other] | 1L << other);
                barsAll[i] &= bars[i][other];
            }
        }
    }

    /**
     * What is undone, without what goes along with something of it.
     *
     * @param goes what may go along
     * @param takes what may take others along
     */
    long without(long undone, long goes, long takes) {
        long left = undone;
        for (long rest = goes; rest != 0; ) {
            int last = Long.SIZE - 1 - Long.numberOfLeadingZeros(rest);
            rest &= ~(1L << last);
            if ((barsAll[last] & left) == 0 && goesAlong(last, left, takes)) {
                left &= ~(1L << last);
            }
        }
        return left;
    }

    private boolean goesAlong(int i, long undone, long takes) {
        long[] barred = bars[i];
        for (long rest = serves[i] & undone & takes; rest != 0; rest &= rest - 1) {
            if ((barred[Long.numberOfTrailingZeros(rest)] & undone) == 0) {
                return true;
            }
        }
        return false;
    }
}
