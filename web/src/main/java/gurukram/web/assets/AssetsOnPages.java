package gurukram.web.assets;

import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Every page says where its script and its style are. */
@ControllerAdvice
class AssetsOnPages {
    private final Assets assets;

    AssetsOnPages(Assets assets) {
        this.assets = assets;
    }

    @ModelAttribute("assets")
    Assets assets() {
        return assets;
    }
}
