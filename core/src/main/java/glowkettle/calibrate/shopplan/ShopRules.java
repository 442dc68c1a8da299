package glowkettle.calibrate.shopplan;

import glowkettle.calibrate.shopplan.ShopRequest.Begun;
import glowkettle.calibrate.shopplan.ShopRequest.Job;
import glowkettle.calibrate.shopplan.ShopRequest.Person;
import glowkettle.calibrate.shopplan.ShopRequest.Place;
import glowkettle.calibrate.shopplan.ShopRequest.Step;
import glowkettle.finding.Unanswerable;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What a request must not contradict itself in. */
final class ShopRules {
    private static final int MOST_JOBS = 400;
    private static final int MOST_STEPS = 60;
    private static final int MOST_PLACES = 200;

    private ShopRules() {}

    static void require(ShopRequest request) {
        most("jobs", request.jobs(), MOST_JOBS);
        most("places", request.places(), MOST_PLACES);
        most("people", request.people(), MOST_PLACES);
        once("places", request.places().stream().map(Place::id).toList());
        once("people", request.people().stream().map(Person::id).toList());
        once("jobs", request.jobs().stream().map(Job::id).toList());
        Set<String> taken = new HashSet<>();
        for (Job job : request.jobs()) {
            steps(job);
            if (job.begun() != null) {
                begun(request, job, job.begun(), taken);
            }
        }
    }

    private static void most(String field, Collection<?> all, int most) {
        if (all.size() > most) {
            throw new Unanswerable(field, "%s were given; at most %s are taken".formatted(all.size(), most));
        }
    }

    private static void once(String field, List<String> ids) {
        Set<String> seen = new HashSet<>();
        for (String id : ids) {
            if (!seen.add(id)) {
                throw new Unanswerable(field, "'%s' stands there twice; each needs an id of its own".formatted(id));
            }
        }
    }

    private static void steps(Job job) {
        if (job.steps().isEmpty() || job.steps().size() > MOST_STEPS) {
            throw new Unanswerable(
                    "jobs",
                    "%s has %s steps; 1 to %s are taken"
                            .formatted(job.id(), job.steps().size(), MOST_STEPS));
        }
        once("jobs", job.steps().stream().map(Step::id).toList());
        for (Step step : job.steps()) {
            if (step.atMostMinutes() != null && step.atMostMinutes().compareTo(step.minutes()) < 0) {
                throw new Unanswerable(
                        "jobs",
                        "%s: “%s” takes %s min and may take at most %s; the bound must be no less"
                                .formatted(job.id(), step.id(), step.minutes(), step.atMostMinutes()));
            }
        }
    }

    private static void begun(ShopRequest request, Job job, Begun begun, Set<String> taken) {
        int steps = job.stepsBegun();
        if (steps > job.steps().size()) {
            throw new Unanswerable(
                    "jobs",
                    "%s: %s steps are begun, but it has %s"
                            .formatted(job.id(), steps, job.steps().size()));
        }
        if (begun.start() == null) {
            if (steps == job.steps().size()) {
                throw new Unanswerable("jobs", job.id() + " is done; there is nothing to plan");
            }
            return;
        }
        if (steps == 0) {
            throw new Unanswerable("jobs", job.id() + ": nothing is begun, but a start is given");
        }
        if (begun.start().isAfter(request.now())) {
            throw new Unanswerable(
                    "jobs",
                    "%s: begun at %s, which is after now (%s)".formatted(job.id(), begun.start(), request.now()));
        }
        Step runs = job.steps().get(steps - 1);
        String kind = runs.placeKind();
        if (kind != null) {
            boolean known = request.places().stream()
                    .anyMatch(place ->
                            place.id().equals(begun.place()) && place.kind().equals(kind));
            if (!known) {
                throw new Unanswerable(
                        "jobs", "%s: “%s” runs at %s; name a %s".formatted(job.id(), runs.id(), begun.place(), kind));
            }
            if (!taken.add("place " + begun.place())) {
                throw new Unanswerable("jobs", "Two jobs run at %s; one place holds one".formatted(begun.place()));
            }
        }
        if (runs.kind() == StepKind.HANDS) {
            if (request.people().stream().noneMatch(person -> person.id().equals(begun.person()))) {
                throw new Unanswerable(
                        "jobs", "%s: name who works at “%s”, not %s".formatted(job.id(), runs.id(), begun.person()));
            }
            if (!taken.add("person " + begun.person())) {
                throw new Unanswerable("jobs", "%s works at two jobs at once".formatted(begun.person()));
            }
        }
    }
}
