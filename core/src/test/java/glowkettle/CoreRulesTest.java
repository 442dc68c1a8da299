package glowkettle;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import glowkettle.job.Chapter;
import glowkettle.job.order.OrderOfWork;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ThreadLocalRandom;

/** The core is rules and sums: it knows no interface, no database, no clock and no chance. */
@AnalyzeClasses(packages = "glowkettle", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreRulesTest {
    @ArchTest
    static final ArchRule KNOWS_NOTHING_BUT_THE_JDK = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "glowkettle..",
                    "java.lang..",
                    "java.io..",
                    "java.math..",
                    "java.nio..",
                    "java.time..",
                    "java.util..",
                    "org.apache.commons.statistics..",
                    "org.jspecify..");

    @ArchTest
    static final ArchRule TIME_IS_HANDED_IN = noClasses()
            .should()
            .callMethod(Instant.class, "now")
            .orShould()
            .callMethod(LocalDate.class, "now")
            .orShould()
            .callMethod(LocalDateTime.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(Clock.class);

    @ArchTest
    static final ArchRule NOTHING_IS_LEFT_TO_CHANCE = noClasses()
            .should()
            .dependOnClassesThat()
            .areAssignableTo(Random.class)
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(ThreadLocalRandom.class)
            .orShould()
            .callMethod(Math.class, "random")
            .orShould()
            .callMethod(java.util.UUID.class, "randomUUID");

    @ArchTest
    static final ArchRule PACKAGES_HAVE_NO_CIRCLES =
            slices().matching("glowkettle.(*)..").should().beFreeOfCycles();

    @ArchTest
    static void theKernelKnowsNoStage(JavaClasses core) {
        noClasses()
                .that()
                .resideInAnyPackage(
                        "glowkettle.finding..",
                        "glowkettle.limits..",
                        "glowkettle.cell..",
                        "glowkettle.heat..",
                        "glowkettle.library..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(sums(OrderOfWork.CHAPTERS.inOrder()))
                .check(core);
    }

    /** Each stage may know the stages before it in the order of work, never one that comes after. */
    @ArchTest
    static void sumsOfAStageKnowThoseOfEarlierOnesOnly(JavaClasses core) {
        List<Chapter<?>> chapters = OrderOfWork.CHAPTERS.inOrder();
        for (int i = 0; i < chapters.size() - 1; i++) {
            noClasses()
                    .that()
                    .resideInAnyPackage(sums(chapters.subList(i, i + 1)))
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(sums(chapters.subList(i + 1, chapters.size())))
                    .allowEmptyShould(true)
                    .check(core);
        }
    }

    /** Where the sums of stages lie: beside their chapters, without the job. */
    private static String[] sums(List<Chapter<?>> chapters) {
        return chapters.stream()
                .map(chapter -> chapter.getClass().getPackageName())
                .filter(name -> !name.equals("glowkettle.job"))
                .map(name -> name.replace("glowkettle.job.", "glowkettle.") + "..")
                .toArray(String[]::new);
    }

    /** Sums answer whoever asks: a job, a calculator or a drill. */
    @ArchTest
    static final ArchRule SUMS_KNOW_NO_JOB = noClasses()
            .that()
            .resideOutsideOfPackage("glowkettle.job..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("glowkettle.job..");

    @ArchTest
    static final ArchRule A_JOB_KNOWS_NO_STAGE = noClasses()
            .that()
            .resideInAPackage("glowkettle.job")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("glowkettle.job.*");

    @ArchTest
    static void aStageKnowsTheFactsOfEarlierOnesOnly(JavaClasses core) {
        List<Chapter<?>> chapters = OrderOfWork.CHAPTERS.inOrder();
        for (int i = 0; i < chapters.size(); i++) {
            String[] later = chapters.subList(i + 1, chapters.size()).stream()
                    .map(chapter -> chapter.getClass().getPackageName())
                    .toArray(String[]::new);
            String stage = chapters.get(i).getClass().getPackageName();
            if (later.length > 0 && !stage.equals("glowkettle.job")) {
                noClasses()
                        .that()
                        .resideInAPackage(stage)
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(later)
                        .check(core);
            }
        }
    }

    @ArchTest
    static void nobodyOutsideOfAStageNamesItsEntries(JavaClasses core) {
        for (Chapter<?> chapter : OrderOfWork.CHAPTERS.inOrder()) {
            noClasses()
                    .that()
                    .resideOutsideOfPackage(chapter.getClass().getPackageName())
                    .should()
                    .dependOnClassesThat()
                    .areAssignableTo(chapter.entries())
                    .check(core);
        }
    }

    @ArchTest
    static final ArchRule NO_SHELF_FOR_ODDS_AND_ENDS = noClasses()
            .should()
            .haveSimpleNameEndingWith("Util")
            .orShould()
            .haveSimpleNameEndingWith("Utils")
            .orShould()
            .haveSimpleNameEndingWith("Helper")
            .orShould()
            .haveSimpleNameEndingWith("Manager")
            .orShould()
            .haveSimpleNameEndingWith("Impl");
}
