package glowkettle.app.isolation;

import glowkettle.isolation.ContainerChoice;
import java.util.List;

/** A store, and the pack that needs a place. */
public record StoreQuestion(List<ContainerChoice.Container> containers, ContainerChoice.Held pack) {}
