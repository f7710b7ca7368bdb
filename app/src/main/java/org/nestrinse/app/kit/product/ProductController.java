package org.nestrinse.app.kit.product;

import java.util.List;
import org.nestrinse.app.changes.CachedAnswer;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is washed with. */
@RestController
@RequestMapping("/api/v1")
class ProductController {
  private final ProductService products;
  private final LabelReader labels;

  ProductController(ProductService products, LabelReader labels) {
    this.products = products;
    this.labels = labels;
  }

  @GetMapping("/products")
  @CachedAnswer
  List<ProductService.View> products() {
    return products.all();
  }

  @PostMapping("/products")
  @ResponseStatus(HttpStatus.CREATED)
  ProductService.View addProduct(@RequestBody ProductService.Change change) {
    return products.add(change);
  }

  @PostMapping("/products/from-label")
  @ResponseStatus(HttpStatus.CREATED)
  ProductService.View addFromLabel(@RequestBody LabelReader.Printed label) {
    return labels.add(label);
  }

  @PutMapping("/products/{id}")
  ProductService.View changeProduct(
      @PathVariable long id, @RequestBody ProductService.Change change) {
    return products.change(id, change);
  }
}
