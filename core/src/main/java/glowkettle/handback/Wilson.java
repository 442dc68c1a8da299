package glowkettle.handback;

/**
 * The 95 % range of a share by Wilson's score interval, which holds for few of a kind, too: {@code (p + z²/2n ± z·√(p(1−p)/n +
 * z²/4n²)) / (1 + z²/n)}. Source: E. B. Wilson, Probable inference, 1927.
 */
record Wilson(double low, double high) {
    private static final double Z = 1.959963985;

    static Wilson of(int met, int of) {
        double share = (double) met / of;
        double square = Z * Z / of;
        double middle = share + square / 2;
        double aside = Z * Math.sqrt(share * (1 - share) / of + square / of / 4);
        return new Wilson(Math.max(0, (middle - aside) / (1 + square)), Math.min(1, (middle + aside) / (1 + square)));
    }
}
