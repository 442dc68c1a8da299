package glowkettle.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import glowkettle.app.journal.JournalBook;
import glowkettle.app.support.Kettle;
import glowkettle.app.support.Requests;
import glowkettle.app.support.RunningKettle;
import glowkettle.arrive.OpenedBefore;
import glowkettle.job.arrive.ArriveEntry;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(RunningKettle.class)
class JobSearchTest {
    private final Kettle kettle;
    private final JobSearch search;

    JobSearchTest(Kettle kettle) {
        this.kettle = kettle;
        search = kettle.bean(JobSearch.class);
    }

    private long job(String owner, String serial) {
        return kettle.bean(JournalBook.class)
                .open(
                        new ArriveEntry.JobOpened(
                                new ArriveEntry.Device("gannet-14", "GN14-B", serial),
                                new ArriveEntry.Customer(owner, null),
                                Set.of(),
                                null,
                                null,
                                OpenedBefore.NO,
                                null,
                                1),
                        UUID.randomUUID(),
                        "technician");
    }

    private boolean finds(String text, long job) {
        return search.find(text, 40).jobs().stream().anyMatch(found -> found.number() == job);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "semaphore hut",
                "hut semaphore",
                "SEMAPHORE",
                "qx-77",
                "emaph",
                "semaphore gannet",
                "gn14-b qx-7701",
                "semafore",
                "smeaphore hut",
                "qx-7071",
                "semaphroe gannte"
            })
    void findsAJobByAnyOfItsWordsWhateverTheirOrderOrAStrayLetter(String text) {
        long job = job("Semaphore hut", "QX-7701");
        assertThat(finds(text, job)).isTrue();
    }

    @Test
    void saysWhatItLookedForInPlaceOfAWordNothingHas() {
        job("Semaphore hut", "QX-7701");
        assertThat(search.find("semafore", 40).corrected()).containsEntry("semafore", "semaphore");
        assertThat(search.find("semaphore", 40).corrected()).isEmpty();
        assertThat(search.find("semaphore xylophone", 40).jobs()).isEmpty();
    }

    @Test
    void wildcardsAndSqlAreLettersLikeAnyOther() {
        long job = job("50% crew_mess \\ '; drop table job; --", "A1");
        assertThat(finds("50%", job)).isTrue();
        assertThat(finds("crew_mess", job)).isTrue();
        assertThat(finds("\\", job)).isTrue();
        assertThat(finds("%%%%", job)).isFalse();
        assertThat(finds("crewxmess", job)).isTrue();
        assertThat(search.find("crewxmess", 40).corrected()).containsEntry("crewxmess", "crew_mess");
    }

    @ParameterizedTest
    @CsvSource({"#17,17", "job 17,17", "JOB #17,17", "http://kettle.example/jobs/17,17", "https://k/jobs/17/assess,17"})
    void aNumberSaidAsOneOrAScannedCodeIsMeantBeyondDoubt(String text, long job) {
        assertThat(JobSearch.meant(text)).contains(job);
    }

    @ParameterizedTest
    @ValueSource(strings = {"17", "job", "#", "17 hut", "https://elsewhere/17", "job 17 hut"})
    void anythingElseIsListed(String text) {
        assertThat(JobSearch.meant(text)).isEmpty();
    }

    @Test
    void aBareNumberListsThatJobFirst() {
        long number = job("Boathouse", "QX-79");
        assertThat(search.find(String.valueOf(number), 40).jobs().getFirst().number())
                .isEqualTo(number);
        Requests technician = Requests.as(kettle, "technician");
        assertThat(technician.get("/?find=%23" + number).location()).endsWith("/jobs/" + number);
        assertThat(technician.get("/?find=%2399999").status()).isEqualTo(200);
        assertThat(technician.get("/?find=%00%00").status()).isEqualTo(200);
    }
}
