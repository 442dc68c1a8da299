package glowkettle.app.isolation;

import glowkettle.app.binding.Attempt;
import glowkettle.app.binding.Binder;
import glowkettle.app.binding.Bound;
import glowkettle.app.binding.Fault;
import glowkettle.app.binding.FormTree;
import glowkettle.app.binding.Forms;
import glowkettle.app.shop.ShopBook;
import glowkettle.app.web.Roles;
import glowkettle.assess.HazardReadings;
import glowkettle.assess.Tier;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
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
    private final ShopBook shop;

    StoreController(Store store, ShopBook shop) {
        this.store = store;
        this.shop = shop;
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
    String looked(
            @PathVariable String container, HttpServletRequest request, HttpServletResponse response, Model model) {
        StorePicture picture = store.picture();
        StorePicture.Shelf shelf = shelf(picture, container);
        Map<String, String[]> typed = Forms.typed(request);
        Bound<LookTyped> bound = Binder.form(LookTyped.class, FormTree.of(typed), shop.zone());
        List<Fault> faults = bound.isGood() ? write(shelf, bound.get(), request) : bound.faults();
        if (faults.isEmpty()) {
            return "redirect:/isolation/round";
        }
        response.setStatus(422);
        return page(picture, shelf, new Attempt(KIND, typed, faults, List.of()), model);
    }

    private List<Fault> write(StorePicture.Shelf shelf, LookTyped typed, HttpServletRequest request) {
        try {
            return store.look(shelf, typed, new Store.Looker(Forms.id(request), Forms.by(request), Roles.of(request)))
                    .map(List::of)
                    .orElse(List.of());
        } catch (Store.RefusedLook refused) {
            return List.of(new Fault("", String.valueOf(refused.getMessage())));
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
