package glowkettle.app.bench;

import java.util.List;

/** A key and what it does on every page that offers it. */
public record Key(String key, String does) {
    static final List<Key> ALL = List.of(
            new Key("Space", "Done, and on: the one next thing"),
            new Key("G", "To where the job goes on"),
            new Key("U", "Take back the last entry of this job"),
            new Key("T", "To what calls most urgently: a danger, else the nearest clock"),
            new Key("M", "A reading for this job, figures typed at once go into it; the model of a new job"),
            new Key("R", "Ask the instrument for the reading"),
            new Key("E, or F8 while typing", "Smoke: the evacuation card, at once"),
            new Key("/", "Find a job"),
            new Key("N", "New job"),
            new Key("B", "Back to the bench"),
            new Key(
                    "1 to 9",
                    "A stage of this job; where a figure is asked for they go into it, with Shift to the stage"),
            new Key("J", "The journal of this job"),
            new Key("H", "By hand: a quick reading; start the pressure tester"),
            new Key("S, V", "A bond took some effort, or held strongly"),
            new Key("P", "A temperature while it is hot; the owner's sheet, to print"),
            new Key("C", "The other way of taking leads off"),
            new Key("X", "A check failed, a strip broke, a fastener is stuck"),
            new Key("O", "The device has no such thing; what was wet lies open"),
            new Key("Y", "The old pack's label is as ordered"),
            new Key("D", "Device library"),
            new Key("I", "Isolation store"),
            new Key("K", "Sums, without a job"),
            new Key("L", "Shop limits"),
            new Key("+, -", "The drawing of a face nearer, and whole again"),
            new Key("?", "The keys of the page that is open"));
}
