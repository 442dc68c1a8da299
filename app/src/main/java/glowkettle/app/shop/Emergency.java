package glowkettle.app.shop;

import glowkettle.finding.Says;

/** Whom to call when something burns, and what to say. */
public record Emergency(
        @Says(value = "Emergency number", longest = 40) String emergencyNumber,

        @Says(value = "What to say to the emergency number", longest = 200)
        String emergencyText) {}
