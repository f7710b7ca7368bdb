package org.nestrinse.app.setup;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The set-up of an empty house. */
@RestController
@RequestMapping("/api/v1/set-up")
class SetUpController {
  private final SetUpService service;

  SetUpController(SetUpService service) {
    this.service = service;
  }

  /** Not a cached answer: the names that are offered follow the language of the device. */
  @GetMapping
  SetUpService.SetUp setUp() {
    return service.current();
  }

  @PutMapping("/pieces")
  SetUpService.SetUp pieces(@RequestBody SetUpService.Counted counted) {
    return service.own(counted);
  }

  @PutMapping("/water")
  SetUpService.SetUp water(@RequestBody SetUpService.Water water) {
    return service.water(water);
  }

  @PutMapping("/done")
  SetUpService.SetUp done() {
    return service.done();
  }
}
