package glowkettle.app.desk;

import glowkettle.instruments.InstrumentSilent;
import glowkettle.job.JobFile;
import glowkettle.job.Stage;
import java.util.Map;

/** An instrument that fills a form; somebody looks at the figures before they are kept. */
public interface Readout {
    /** By what the page asks for it. */
    String instrument();

    /** The kind of entry whose form it fills. */
    String kind();

    /**
     * @param asked what stands in the address beside the instrument
     * @return what stands in the form
     */
    Map<String, String[]> read(JobFile job, Stage stage, Map<String, String[]> asked) throws InstrumentSilent;
}
