package glowkettle.heat;

import glowkettle.finding.Worded;
import glowkettle.limits.Limit;
import org.jspecify.annotations.Nullable;

/** What a bond is made of, and from which temperature it can be worked. */
public enum Adhesive implements Worded {
    SEAM_FOAM("foam tape", Limit.WORK_SEAM_FOAM_C),
    SEAM_GLUE("liquid glue", Limit.WORK_SEAM_GLUE_C),
    PACK_TAPE("double-sided tape", Limit.WORK_PACK_TAPE_C),
    PACK_GLUE("liquid glue", Limit.WORK_PACK_GLUE_C),
    /** Heat makes it tear. */
    STRETCH_STRIPS("stretch strips", null);

    private final String words;
    private final @Nullable Limit worksFrom;

    Adhesive(String words, @Nullable Limit worksFrom) {
        this.words = words;
        this.worksFrom = worksFrom;
    }

    @Override
    public String words() {
        return words;
    }

    /** Null for a bond that is never heated. */
    public @Nullable Limit worksFrom() {
        return worksFrom;
    }

    public boolean isSeam() {
        return this == SEAM_FOAM || this == SEAM_GLUE;
    }
}
