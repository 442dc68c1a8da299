package glowkettle.app.isolation;

import glowkettle.app.binding.FilledForm;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.Taken;
import glowkettle.assess.HazardReadings;
import glowkettle.assess.Tier;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.server.ResponseStatusException;

/** The store on one page, and the watch rounds: container by container, one number, done. */
@Controller
class StoreController {
    private static final String KIND = "watched";

    private final Store store;

    StoreController(Store store) {
        this.store = store;
    }

    /** The whole store, and the container to look at first; null while none has a look due. */
    public record StoreView(StorePicture store, StorePicture.@Nullable Shelf nearest) {
        public Tier isolate() {
            return Tier.ISOLATE;
        }
    }

    @GetMapping("/isolation")
    String store(Model model) {
        StorePicture picture = store.picture();
        model.addAttribute("view", new StoreView(picture, picture.nearest().orElse(null)));
        return "isolation/store";
    }

    @GetMapping("/isolation/round")
    String round() {
        return "redirect:"
                + store.picture()
                        .next()
                        .map(shelf -> "/isolation/round/" + shelf.id())
                        .orElse("/isolation");
    }

    @GetMapping("/isolation/round/{container}")
    String look(@PathVariable String container, Model model) {
        StorePicture picture = store.picture();
        return page(picture, shelf(picture, container), FilledForm.NONE, model);
    }

    @PostMapping("/isolation/round/{container}")
    String looked(@PathVariable String container, FormPost post, Model model) {
        StorePicture picture = store.picture();
        StorePicture.Shelf shelf = shelf(picture, container);
        return post.answer(
                KIND, LookTyped.class, look -> write(shelf, look, post), filled -> page(picture, shelf, filled, model));
    }

    private Taken write(StorePicture.Shelf shelf, LookTyped look, FormPost post) {
        try {
            Store.Looker looker = new Store.Looker(post.id(), post.by(), post.role());
            return Taken.unless(store.look(shelf, look, looker), "/isolation/round");
        } catch (Store.RefusedLook refused) {
            return Taken.refused("", String.valueOf(refused.getMessage()));
        }
    }

    private static StorePicture.Shelf shelf(StorePicture picture, String container) {
        Optional<StorePicture.Shelf> shelf = picture.shelf(container);
        return shelf.orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    /** A look at one container; the air is what this round measured last in the same place. */
    public record RoundView(
            StorePicture store,
            StorePicture.Shelf shelf,
            @Nullable BigDecimal air) {
        public StorePicture.@Nullable Reading last() {
            return shelf.lastReading();
        }

        public List<HazardReadings.Wet> wets() {
            return List.of(HazardReadings.Wet.values());
        }
    }

    private static String page(StorePicture picture, StorePicture.Shelf shelf, FilledForm filled, Model model) {
        model.addAttribute("filled", filled);
        model.addAttribute("view", new RoundView(picture, shelf, Store.airOfThisRound(picture, shelf)));
        return "isolation/round";
    }
}
