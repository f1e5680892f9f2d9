/* Made by bin/tekkal contract from the core's declarations of the kinds of stage; change those. */
export const STAGE_KINDS = [
  {
    "value": "seat",
    "text": "seat",
    "targets": "possible",
    "groups": true,
    "ordered": true,
    "tightens": true,
    "motion": false,
    "first": {}
  },
  {
    "value": "torque",
    "text": "torque",
    "targets": "wanted",
    "groups": false,
    "ordered": true,
    "tightens": true,
    "motion": true,
    "first": {}
  },
  {
    "value": "turn",
    "text": "turn",
    "targets": "wanted",
    "groups": false,
    "ordered": true,
    "tightens": true,
    "motion": true,
    "first": {}
  },
  {
    "value": "stretch",
    "text": "stretch",
    "targets": "wanted",
    "groups": false,
    "ordered": true,
    "tightens": true,
    "motion": true,
    "first": {
      "method": "absolute"
    }
  },
  {
    "value": "loosen",
    "text": "loosen",
    "targets": "none",
    "groups": true,
    "ordered": true,
    "tightens": false,
    "motion": false,
    "first": {}
  },
  {
    "value": "hold",
    "text": "hold",
    "targets": "wanted",
    "groups": false,
    "ordered": true,
    "tightens": true,
    "motion": true,
    "first": {
      "held": {
        "what": "",
        "direction": "anticlockwise"
      }
    }
  },
  {
    "value": "settle",
    "text": "settle",
    "targets": "none",
    "groups": false,
    "ordered": false,
    "tightens": false,
    "motion": false,
    "first": {}
  },
  {
    "value": "check",
    "text": "check",
    "targets": "none",
    "groups": true,
    "ordered": false,
    "tightens": false,
    "motion": false,
    "first": {}
  },
  {
    "value": "verification_pass",
    "text": "verification pass",
    "targets": "wanted",
    "groups": false,
    "ordered": true,
    "tightens": false,
    "motion": true,
    "first": {}
  },
  {
    "value": "prevailing_torque",
    "text": "prevailing torque",
    "targets": "wanted",
    "groups": false,
    "ordered": true,
    "tightens": false,
    "motion": false,
    "first": {}
  },
  {
    "value": "residual_torque",
    "text": "residual torque",
    "targets": "wanted",
    "groups": false,
    "ordered": true,
    "tightens": false,
    "motion": false,
    "first": {
      "method": "further_turn"
    }
  }
] as const;
