package gurukram.web.assets;

import gurukram.web.shared.NotFound;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Scripts and styles, to be kept for good under their own address. */
@Controller
class AssetsController {
    private final Assets assets;

    AssetsController(Assets assets) {
        this.assets = assets;
    }

    /** Under an old address, as a page from before an update asks, it is what there is now, and not to be kept. */
    @GetMapping("/assets/{hash}/{*name}")
    ResponseEntity<byte[]> asset(@PathVariable String hash, @PathVariable String name) {
        Assets.Asset asset = assets.find(name.substring(1)).orElseThrow(NotFound::new);
        CacheControl kept = asset.hash().equals(hash)
                ? CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable()
                : CacheControl.noStore();
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.valueOf(asset.type()), StandardCharsets.UTF_8))
                .cacheControl(kept)
                .body(asset.bytes());
    }
}
