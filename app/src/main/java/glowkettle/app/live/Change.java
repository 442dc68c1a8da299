package glowkettle.app.live;

import glowkettle.job.JobFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A job that changed, as the database tells of it. */
public record Change(long job, long seq, String tier) {
    private static final JsonMapper MAPPER = new JsonMapper();

    static Change of(String payload) {
        JsonNode node = MAPPER.readTree(payload);
        return new Change(
                node.path("job").longValue(),
                node.path("seq").longValue(),
                node.path("tier").asString());
    }

    /** How a job stands now. */
    public static Change of(JobFile job) {
        return new Change(
                job.number(), job.state().seq(), job.tier().result().tier().name());
    }

    String json() {
        return MAPPER.writeValueAsString(this);
    }
}
