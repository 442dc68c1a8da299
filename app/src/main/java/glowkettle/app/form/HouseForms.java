package glowkettle.app.form;

import java.util.Map;

/** The forms of a page outside jobs, each with the record it fills; forms of jobs are the kinds of entries. */
public interface HouseForms {
    /** By name; one that stands on a page several times is named {@code name:which} there. */
    Map<String, Class<? extends Record>> forms();
}
