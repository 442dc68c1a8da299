package glowkettle.app.isolation;

import glowkettle.app.binding.Attempt;
import glowkettle.app.form.FormPost;
import glowkettle.app.form.Taken;
import glowkettle.assess.HazardReadings;
import glowkettle.assess.Tier;
import java.util.Optional;
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

    @GetMapping("/isolation")
    String store(Model model) {
        StorePicture picture = store.picture();
        model.addAttribute("store", picture);
        model.addAttribute("isolate", Tier.ISOLATE);
        model.addAttribute("nearest", picture.nearest().orElse(null));
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
        return page(picture, shelf(picture, container), Attempt.NONE, model);
    }

    @PostMapping("/isolation/round/{container}")
    String looked(@PathVariable String container, FormPost post, Model model) {
        StorePicture picture = store.picture();
        StorePicture.Shelf shelf = shelf(picture, container);
        return post.answer(
                KIND,
                LookTyped.class,
                look -> write(shelf, look, post),
                attempt -> page(picture, shelf, attempt, model));
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

    private static String page(StorePicture picture, StorePicture.Shelf shelf, Attempt attempt, Model model) {
        model.addAttribute("attempt", attempt);
        model.addAttribute("store", picture);
        model.addAttribute("shelf", shelf);
        model.addAttribute("last", shelf.lastReading());
        model.addAttribute("air", Store.airOfThisRound(picture, shelf));
        model.addAttribute("wets", HazardReadings.Wet.values());
        return "isolation/round";
    }
}
