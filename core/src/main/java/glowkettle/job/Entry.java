package glowkettle.job;

/**
 * Something that happened to a job. Each stage seals its own kinds, so that whatever a stage must know of them does not
 * compile until a new one is known there.
 */
public interface Entry {}
